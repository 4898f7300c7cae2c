<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** The floor at one place, up positive, from any level line; `place` is where in the document it stands. */
final readonly class FloorReading
{
    public function __construct(public Length $x, public Length $level, public string $place = '') {}
}
