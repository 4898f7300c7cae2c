<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What a kit's box holds, in the order it is looked through. */
enum KitPart: string
{
    case Rail = 'rail';
    case Standoffs = 'standoffs';
    case Hangers = 'hangers';
    case Stops = 'stops';
    case Guides = 'guides';
    case Discs = 'discs';
    case Catches = 'catches';
}
