<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;

/** A guide that is screwed to a floor that must not be drilled: heated, let, of stone. */
final class FloorDrilled implements AlongCheck
{
    public function look(CheckContext $context): iterable
    {
        $mayBeDrilled = $context->plan->doorway->told->flag('survey.floor.drillable');
        if (! $mayBeDrilled && $context->kit->guide->style->standsOnFloor()) {
            yield new Finding(
                FindingCode::FloorNotDrilled,
                Severity::Stop,
                'survey.floor.drillable',
                [],
                [$context->cure('guide-roller', ['brief.rules.guide' => 'roller'])],
            );
        }
    }
}
