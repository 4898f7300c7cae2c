<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;

/** What a floor out of level does to the gap and the tape; no change of the door cures a floor, so it is a note. */
final class FloorFalls implements AlongCheck
{
    public function look(CheckContext $context): iterable
    {
        $plan = $context->plan;
        $fall = $plan->floor->fall();
        if (! $context->isShort(Length::zero(), $fall)) {
            return;
        }
        $low = $plan->floor->lowSpot();
        yield new Finding(FindingCode::FloorFalls, Severity::Note, 'survey.floor.readings[0].x', [
            'fall' => $fall,
            'gap_max' => $plan->heights->gap->high,
            'at' => $low,
            'low' => $plan->heights->gap->low,
            'tape_up' => $plan->tapeUp($low),
        ]);
    }
}
