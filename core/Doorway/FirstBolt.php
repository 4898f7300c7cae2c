<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** Which of a rail's bolts goes in first. */
enum FirstBolt: string
{
    case Ends = 'ends';
    case Middle = 'middle';
    case Across = 'across';
}
