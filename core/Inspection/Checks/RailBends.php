<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Quantity;

/** How far the rail bends under the wheels. */
final class RailBends implements AnchorCheck
{
    /** What standoffs and bolts give beside the rail. */
    private const GIVEN_MORE_MM = [0.2, 0.6];

    public function look(CheckContext $context): iterable
    {
        $sag =
            StudsKnown::isKnown($context) && ! $context->anchoring()->surelyStiff()
                ? $context->anchoring()->sags()[1] ?? null
                : null;
        if ($sag?->isOver()) {
            yield new Finding(
                FindingCode::Sags,
                Severity::Settle,
                'brief.backing',
                [
                    'greatest' => Quantity::bend($sag->greatest),
                    'limit' => Quantity::bend($sag->limit()),
                    'from' => Quantity::bend(self::GIVEN_MORE_MM[0]),
                    'to' => Quantity::bend(self::GIVEN_MORE_MM[1]),
                ],
                [
                    ...$context->plan->header === null
                        ? [
                            $context->cure('header-on-studs', [
                                'brief.backing' => 'header',
                                'brief.leaf.height' => 'auto',
                            ]),
                        ]
                        : [],
                    ...$context->otherKits(),
                ],
            );
        }
    }
}
