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
                "Hangers {$sight->say($inset)} in hang over the edge",
                "Half a hanger is {$sight->say($least)}.",
                'brief.rules.hanger_inset',
                ['inset' => $inset, 'least' => $least],
                [
                    $sight->cure("Inset {$sight->sayShort($sight->up($least))}", [
                        'brief.rules.hanger_inset' => $sight->up($least),
                    ]),
                    $sight->cure("The kit's own inset", ['brief.rules.hanger_inset' => null]),
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
                'Strap bolts reach past the stile',
                "They are {$sight->say($inset)} from the edge and want {$sight->say($wanted)} of solid wood; the stile is {$sight->say($stile)}. Want a solid block or rail there.",
                'brief.leaf.stile',
                ['wanted' => $wanted, 'stile' => $stile],
                [
                    ...$fits->isPositive()
                        ? [
                            $sight->cure("Inset {$sight->say($sight->down($fits))}", [
                                'brief.rules.hanger_inset' => $sight->down($fits),
                            ]),
                        ]
                        : [],
                    $sight->cure("Stile {$sight->sayShort($sight->up($wanted))} wide", [
                        'brief.leaf.stile' => $sight->up($wanted),
                    ]),
                ],
            );
        }
    }
}
