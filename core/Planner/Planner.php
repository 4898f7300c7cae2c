<?php

declare(strict_types=1);

namespace YokeLine\Planner;

use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\Kit;
use YokeLine\Planning\NotYetMeasured;
use YokeLine\Planning\Plan;

/** Survey, brief and kit in, plan out. */
final class Planner
{
    /**
     * @throws NotYetMeasured where the survey or brief says too little
     */
    public static function plan(Doorway $doorway, Kit $kit): Plan
    {
        return Workshop::at($doorway)->plan($doorway->brief, $kit);
    }
}
