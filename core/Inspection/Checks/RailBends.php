<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;

/** How far the rail bends under the wheels. */
final class RailBends implements AnchorCheck
{
    public function look(Sight $sight): iterable
    {
        $sag =
            StudsKnown::isKnown($sight) && ! $sight->anchoring()->surelyStiff()
                ? $sight->anchoring()->sags()[1] ?? null
                : null;
        if ($sag?->isOver()) {
            yield new Finding(
                FindingCode::Sags,
                Severity::Settle,
                sprintf('The rail bends by %.1f mm', $sag->greatest),
                sprintf(
                    '%.1f is wanted at most, of the rail alone; standoffs and bolts give 0.2 to 0.6 more.',
                    $sag->limit(),
                ),
                'brief.backing',
                ['greatest' => $sag->greatest, 'limit' => $sag->limit()],
                [
                    ...$sight->plan->header === null
                        ? [
                            $sight->cure('A header on every stud', [
                                'brief.backing' => 'header',
                                'brief.leaf.height' => 'auto',
                            ]),
                        ]
                        : [],
                    ...$sight->otherKits(),
                ],
            );
        }
    }
}
