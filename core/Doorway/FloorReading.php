<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** The floor at one place, up positive, from any level line. */
final readonly class FloorReading
{
    public function __construct(
        public Length $x,
        public Length $level,
    ) {}
}
