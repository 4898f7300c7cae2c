<?php

namespace YokeLine\Planning;

use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\Kit;
use YokeLine\Planning\Hangs\HangPlan;

/** Survey, brief and kit in, plan out. */
final class Planner
{
    /**
     * @throws NotYetMeasured where the survey or brief says too little
     */
    public static function plan(Doorway $doorway, Kit $kit): Plan
    {
        $brief = $doorway->brief;
        $thickness = $brief->leaf->thickness;
        if ($thickness === null) {
            throw new NotYetMeasured($doorway->missing());
        }
        $room = Room::of($doorway->survey);
        $layout = HangPlan::of($room, $brief, $kit, $doorway->units);
        $rail = Rail::of($room, $layout, $kit->rail);
        $floor = Floor::under($room->floor, $layout->sweep());
        $heights = Heights::of($room, $floor, $brief, $kit, $doorway->units);
        $header = $brief->backing->isHeader() ? Header::of($room, $rail, $heights, $brief->header, $kit->rail) : null;
        $depths = array_map(fn (LeafRun $run) => Depth::of($room, $floor, $heights, $header, $brief, $kit, $thickness, $run->track), $layout->runs);
        $guides = array_map(fn (Window $window) => GuidePlace::of($window, $floor, $brief->rules->gap, $kit), $layout->guideWindows);
        $mass = Mass::of($brief->leaf, $layout->width->size->total, $heights->leaf->size->total, $thickness);

        return new Plan($doorway, $kit, $room, $layout, $floor, $heights, $rail, $header, $depths, $guides, $mass, $thickness);
    }
}
