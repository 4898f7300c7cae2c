<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** The board that carries the rail. */
final readonly class HeaderBrief
{
    /** @param  list<Length>  $lengths  that boards come in, [] where any length can be had */
    public function __construct(
        public Length $width,
        public Length $thickness,
        public HeaderAlign $align,
        public Length $reveal,
        public Length $overrun,
        public HeaderReach $reach,
        public Length $buildOut,
        public string $wood,
        public array $lengths = [],
    ) {}
}
