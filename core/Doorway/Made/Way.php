<?php

declare(strict_types=1);

namespace YokeLine\Doorway\Made;

/** How a leaf is made. */
enum Way: string
{
    case Planked = 'planked';
    case Framed = 'framed';
    case Joined = 'joined';
    case Glazed = 'glazed';
    case Hollow = 'hollow';
}
