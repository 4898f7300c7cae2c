<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\HangerStyle;
use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;

/** Hangers need solid wood round their holes and at least half their own length of leaf. */
final class HangerPlace implements AlongCheck
{
    public function look(CheckContext $context): iterable
    {
        $inset = $context->plan->layout->hangerInset();
        $hanger = $context->kit->hanger;
        $least = $hanger->length()->half();
        if ($context->isShort($inset, $least)) {
            yield new Finding(
                FindingCode::HangerInset,
                Severity::Stop,
                'brief.rules.hanger_inset',
                ['inset' => $inset, 'least' => $least],
                [
                    $context->cure('hangers-in', [
                        'brief.rules.hanger_inset' => $context->up($least),
                    ]),
                    $context->cure('kit-inset', ['brief.rules.hanger_inset' => null]),
                ],
            );
        }
        $wanted = $inset->plus($hanger->solidAround());
        $stile = $context->brief->leaf->stile;
        // Where a leaf that is built is solid is known.
        $isBuilt = $context->plan->making !== null;
        if (! $isBuilt && $hanger->style === HangerStyle::FaceStrap && $context->isShort($stile, $wanted)) {
            $fits = $stile->minus($hanger->solidAround());
            yield new Finding(
                FindingCode::HangerSolid,
                Severity::Settle,
                'brief.leaf.stile',
                ['wanted' => $wanted, 'stile' => $stile, 'inset' => $inset],
                [
                    ...$fits->isPositive()
                        ? [
                            $context->cure('hangers-in', [
                                'brief.rules.hanger_inset' => $context->down($fits),
                            ]),
                        ]
                        : [],
                    $context->cure('stile-wide', [
                        'brief.leaf.stile' => $context->up($wanted),
                    ]),
                ],
                how: 'stile',
            );
        }
    }
}
