<?php

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** The board that carries the rail. */
final readonly class HeaderBrief
{
    public function __construct(
        public Length $width,
        public Length $thickness,
        public HeaderAlign $align,
        public Length $reveal,
        public Length $overrun,
        public HeaderReach $reach,
        public Length $buildOut,
        public string $wood,
    ) {}
}
