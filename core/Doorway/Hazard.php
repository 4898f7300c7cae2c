<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Message;
use YokeLine\Measure\Span;

/**
 * A cable or pipe in the wall; y from the floor below its middle. One that is to be moved will be gone when the rail
 * goes up.
 */
final readonly class Hazard
{
    public function __construct(
        public string $kind,
        public Span $x,
        public Span $y,
        public bool $moved = false,
        public string $place = '',
        public bool $foundOnSite = false,
    ) {}

    public function called(): Message
    {
        return Message::word('things', $this->kind === '' ? 'hazard' : $this->kind);
    }
}
