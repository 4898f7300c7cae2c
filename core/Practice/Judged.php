<?php

declare(strict_types=1);

namespace YokeLine\Practice;

use YokeLine\Inspection\Finding;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Quantity;
use YokeLine\Measure\Sum;

/** One answer held against what is right there, after all that was answered before it. */
final readonly class Judged
{
    /**
     * @param  Length|Quantity|Message|list<Length>|null  $right
     * @param  ?Sum  $why  how the right number is worked out
     * @param  ?Slip  $slip  the mistake that leads to what was answered; null where it is right or nobody knows
     * @param  list<Finding>  $against  what speaks against a decision
     * @param  list<string>  $places  what was not measured and counts
     */
    public function __construct(
        public Ask $ask,
        public bool $isRight,
        public Length|Quantity|Message|array|null $right,
        public ?Sum $why = null,
        public ?Slip $slip = null,
        public array $against = [],
        public array $places = [],
    ) {}
}
