<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Doorway\LeafBrief;
use YokeLine\Doorway\Pull;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;

/** Where on the leaf the pull on the wall side stands: shut, it must lie inside the opening, with room for fingers. */
final class WallPull
{
    /** Room for fingers between a pull and the jamb, or the end of the wall. */
    public static function fingers(Unit $unit): Length
    {
        return $unit->usual(Length::mm(30), Length::sixteenths(20));
    }

    /** Its middle, from the leading edge. */
    public static function middle(LeafRun $run, Span $jambs, LeafBrief $leaf, Pull $pull, Unit $unit): Length
    {
        $overlap =
            $run->direction === 1 ? $jambs->low->minus($run->closed()->low) : $run->closed()->high->minus($jambs->high);

        return Length::greatest($leaf->stile->half(), $overlap->plus(self::fingers($unit), $pull->width->half()));
    }
}
