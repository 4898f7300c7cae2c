<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\HangerStyle;
use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;

/** Hangers need solid wood round their holes and at least half their own length of leaf. */
final class HangerPlace implements AlongCheck
{
    public function look(Sight $sight): iterable
    {
        $inset = $sight->plan->layout->hangerInset();
        $hanger = $sight->kit->hanger;
        $least = $hanger->length()->half();
        if ($sight->isShort($inset, $least)) {
            yield new Finding(
                FindingCode::HangerInset,
                Severity::Stop,
                'brief.rules.hanger_inset',
                ['inset' => $inset, 'least' => $least],
                [
                    $sight->cure('hangers-in', [
                        'brief.rules.hanger_inset' => $sight->up($least),
                    ]),
                    $sight->cure('kit-inset', ['brief.rules.hanger_inset' => null]),
                ],
            );
        }
        $wanted = $inset->plus($hanger->solidAround());
        $stile = $sight->brief->leaf->stile;
        if ($hanger->style === HangerStyle::FaceStrap && $sight->isShort($stile, $wanted)) {
            $fits = $stile->minus($hanger->solidAround());
            yield new Finding(
                FindingCode::HangerSolid,
                Severity::Settle,
                'brief.leaf.stile',
                ['wanted' => $wanted, 'stile' => $stile, 'inset' => $inset],
                [
                    ...$fits->isPositive()
                        ? [
                            $sight->cure('hangers-in', [
                                'brief.rules.hanger_inset' => $sight->down($fits),
                            ]),
                        ]
                        : [],
                    $sight->cure('stile-wide', [
                        'brief.leaf.stile' => $sight->up($wanted),
                    ]),
                ],
            );
        }
    }
}
