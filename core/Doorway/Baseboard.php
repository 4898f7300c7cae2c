<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** The board along the foot of the wall. */
final readonly class Baseboard
{
    public function __construct(public Length $height, public Length $thickness) {}
}
