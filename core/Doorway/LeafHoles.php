<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;

/** How wide the leaf’s holes are for the bolts of its hangers. */
enum LeafHoles: string
{
    case Play = 'play';
    case Tight = 'tight';

    /** Tight is 1 mm or 1/16 in less than the kit's sheet has it. */
    public function of(Length $hole, Unit $unit): Length
    {
        return $this === self::Play ? $hole : $hole->minus($unit->step());
    }
}
