<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** How the places of the rail’s holes come onto board or wall. */
enum HolesFound: string
{
    case Readings = 'readings';
    case HeldUp = 'held-up';
    case Bench = 'bench';
    case FromFirst = 'from-first';
}
