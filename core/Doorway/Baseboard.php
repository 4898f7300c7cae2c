<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** The board along the foot of the wall. */
final readonly class Baseboard
{
    public function __construct(public Length $height, public Length $thickness) {}

    /** Whether it stands behind a leaf that hangs so far over the floor; of one whose height nobody told, yes. */
    public function standsBehind(Length $gap): bool
    {
        return $this->height->isZero() || $this->height->isOver($gap);
    }
}
