<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** How long the header is made: the rail and an overrun, the rail alone, or from wall to wall. */
enum HeaderReach: string
{
    case Overrun = 'overrun';
    case Rail = 'rail';
    case Wall = 'wall';
}
