<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;

/** A guide that is screwed to a floor that must not be drilled: heated, let, of stone. */
final class FloorDrilled implements AlongCheck
{
    public function look(Sight $sight): iterable
    {
        $mayBeDrilled = $sight->plan->doorway->told->flag('survey.floor.drillable');
        if (! $mayBeDrilled && $sight->kit->guide->style->standsOnFloor()) {
            yield new Finding(
                FindingCode::FloorNotDrilled,
                Severity::Stop,
                'survey.floor.drillable',
                [],
                [$sight->cure('guide-roller', ['brief.rules.guide' => 'roller'])],
            );
        }
    }
}
