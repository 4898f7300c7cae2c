<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** Which of a rail's bolts goes in first. */
enum FirstBolt: string
{
    case Ends = 'ends';
    case Middle = 'middle';
    case Across = 'across';

    /** Which of so many holes it goes into, from 0. */
    public function of(int $holes): int
    {
        return $this === self::Middle ? intdiv($holes + 1, 2) - 1 : 0;
    }
}
