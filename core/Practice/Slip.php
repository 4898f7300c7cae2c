<?php

declare(strict_types=1);

namespace YokeLine\Practice;

use YokeLine\Measure\Length;

/** A mistake, and the number that comes of it. */
final readonly class Slip
{
    /**
     * @param  ?Length  $value  what is answered by who makes it; null where it is no length
     * @param  string  $term  of the sum that it is about, '' where it is about none
     * @param  ?Length  $by  how far off it leads
     */
    public function __construct(
        public SlipKind $kind,
        public ?Length $value = null,
        public string $term = '',
        public ?Length $by = null,
    ) {}
}
