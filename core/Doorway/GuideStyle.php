<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What holds the foot of the leaf. */
enum GuideStyle: string
{
    case TFin = 't-fin';
    case DoubleFin = 'double-fin';
    case UShoe = 'u-shoe';
    case WallRoller = 'wall-roller';

    /** Whether it is fixed to the floor. */
    public function standsOnFloor(): bool
    {
        return $this !== self::WallRoller;
    }

    /** Whether it runs in a groove in the foot of the leaf. */
    public function needsGroove(): bool
    {
        return $this === self::TFin || $this === self::DoubleFin;
    }
}
