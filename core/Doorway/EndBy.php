<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What ends the travel of a leaf: a stop on the rail, a buffer on what stands beside the leaf, or nothing. */
enum EndBy: string
{
    case Stop = 'stop';
    case WallBuffer = 'wall-buffer';
    case None = 'none';
}
