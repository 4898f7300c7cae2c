<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** How long the rail is made: what travel and stops need, or the whole wall for looks. */
enum RailReach: string
{
    case Needed = 'needed';
    case Wall = 'wall';
}
