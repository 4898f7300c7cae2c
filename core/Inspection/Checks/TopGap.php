<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;

/** Room between the leaf and the foot of the rail. */
final class TopGap implements Check
{
    public function look(CheckContext $context): iterable
    {
        $gap = $context->plan->heights->topGap->total;
        $limits = $context->kit->topGap;
        $little = $context->isShort($gap, $limits->low);
        if ($little || $context->isShort($limits->high, $gap)) {
            yield new Finding(
                FindingCode::TopGap,
                Severity::Settle,
                'brief.kit',
                ['top_gap' => $gap, 'least' => $limits->low, 'greatest' => $limits->high],
                $context->otherKits(),
                how: $little ? 'rubs' : 'lifts',
            );
        }
    }
}
