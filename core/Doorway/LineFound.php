<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** How the height of the rail line is found. */
enum LineFound: string
{
    case WorkedOut = 'worked-out';
    case LaidOut = 'laid-out';
    case Packing = 'packing';
    case Template = 'template';
}
