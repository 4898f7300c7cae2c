<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;

/** Room between the leaf and the foot of the rail. */
final class TopGap implements Check
{
    public function look(Sight $sight): iterable
    {
        $gap = $sight->plan->heights->topGap->total;
        $limits = $sight->kit->topGap;
        $little = $sight->isShort($gap, $limits->low);
        if ($little || $sight->isShort($limits->high, $gap)) {
            yield new Finding(
                FindingCode::TopGap,
                Severity::Settle,
                'brief.kit',
                ['top_gap' => $gap, 'least' => $limits->low, 'greatest' => $limits->high],
                $sight->otherKits(),
                how: $little ? 'rubs' : 'lifts',
            );
        }
    }
}
