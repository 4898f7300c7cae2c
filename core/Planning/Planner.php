<?php

namespace YokeLine\Planning;

use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\Hang;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\Opens;

/** Survey, brief and kit in, plan out. */
final class Planner
{
    /**
     * @throws NotYetMeasured where the survey or brief says too little
     * @throws CannotPlan where the hang is not one it knows
     */
    public static function plan(Doorway $doorway, Kit $kit): Plan
    {
        $brief = $doorway->brief;
        $thickness = $brief->leaf->thickness;
        if ($thickness === null) {
            throw new NotYetMeasured($doorway->missing());
        }
        if ($brief->hang !== Hang::Single) {
            throw CannotPlan::hangNotPlanned($brief->hang);
        }
        $asMeasured = Room::of($doorway->survey);
        $mirror = $brief->opens === Opens::Left;
        $room = $mirror ? $asMeasured->mirrored() : $asMeasured;

        $layout = SingleHang::lay($room, $brief, $kit, $doorway->units);
        $rail = Rail::of($room, $layout, $kit->rail);
        $window = SingleHang::guideWindow($room, $layout, $brief, $kit);
        $workedFloor = Floor::under($room->floor, $layout->run->sweep());
        $guide = GuidePlace::of($window, $workedFloor, $brief->rules->gap, $kit);
        if ($mirror) {
            [$layout, $rail, $guide] = [$layout->mirrored(), $rail->mirrored(), $guide->mirrored()];
        }

        $floor = Floor::under($asMeasured->floor, $layout->run->sweep());
        $heights = Heights::of($asMeasured, $floor, $brief, $kit, $doorway->units);
        $header = $brief->backing->isHeader() ? Header::of($asMeasured, $rail, $heights, $brief->header, $kit->rail) : null;
        $depth = Depth::of($asMeasured, $floor, $heights, $header, $brief, $kit, $thickness);
        $mass = Mass::of($brief->leaf, $layout->width->size->total, $heights->leaf->size->total, $thickness);

        return new Plan($doorway, $kit, $asMeasured, $layout, $floor, $heights, $rail, $header, $depth, $guide, $mass, $thickness);
    }
}
