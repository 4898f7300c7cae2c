<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Quantity;

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
                'brief.backing',
                ['greatest' => Quantity::bend($sag->greatest), 'limit' => Quantity::bend($sag->limit())],
                [
                    ...$sight->plan->header === null
                        ? [
                            $sight->cure('header-on-studs', [
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
