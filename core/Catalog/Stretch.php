<?php

declare(strict_types=1);

namespace YokeLine\Catalog;

/** The stretches of the walk in which a wall is measured, in their order. */
enum Stretch: string
{
    /** From left to right, with the tape hooked at the left. */
    case Along = 'along';

    /** Heights over the floor. */
    case Up = 'up';

    /** What stands out of the wall. */
    case Out = 'out';

    case Floor = 'floor';

    case InTheWay = 'in-the-way';

    /** Whether what is asked there is seen by who faces the wall. */
    public function isFace(): bool
    {
        return $this === self::Along || $this === self::Up;
    }
}
