<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Holding\Fixing;
use YokeLine\Holding\Member;
use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;

/** How hard the hardest worked fixing is worked, and whether it could be told. */
final class FixingsStrong implements AnchorCheck
{
    public function look(Sight $sight): iterable
    {
        if (! StudsKnown::isKnown($sight)) {
            return;
        }
        $anchoring = $sight->anchoring();
        $unchecked = array_filter($anchoring->fixings, fn (Fixing $fixing) => $fixing->utilisation === null);
        if ($unchecked !== []) {
            $masonry = array_values($unchecked)[0]->into === Member::Masonry;
            yield new Finding(
                FindingCode::NotChecked,
                Severity::Settle,
                count($unchecked).' fixings could not be checked',
                $masonry
                    ? 'Type what the anchor’s own sheet allows in tension and shear.'
                    : 'Of this board nobody publishes what a bolt holds in it.',
                $masonry ? 'brief.anchor.tension_N' : 'brief.header.wood',
                ['fixings' => count($unchecked)],
                $masonry ? [] : [$sight->cure('A board of spruce or pine', ['brief.header.wood' => 'spruce-pine-fir'])],
            );
        }
        $worst = $anchoring->worst();
        $used = $worst?->utilisation;
        if ($worst !== null && $used !== null && $used > 1) {
            yield new Finding(
                FindingCode::OverWorked,
                $used > 1.5 ? Severity::Stop : Severity::Settle,
                sprintf(
                    'The %s at %s is worked to %d %%',
                    $worst->says(),
                    $sight->say($worst->x),
                    (int) ceil($used * 100),
                ),
                sprintf(
                    '%.0f N of shear and %.0f N of pull, with a factor of %s on the load. A guide for choosing fixings, not a structural design.',
                    $worst->shear,
                    $worst->tension,
                    $sight->rules->loadFactorTenths / 10,
                ),
                'brief.header.thickness',
                ['kind' => $worst->kind, 'x' => $worst->x, 'utilisation' => $used],
                $this->cures($sight),
            );
        } elseif ($worst !== null && $used !== null) {
            yield new Finding(
                FindingCode::Holds,
                Severity::Ok,
                sprintf('The hardest worked fixing is at %d %%', (int) ceil($used * 100)),
                sprintf(
                    'The %s at %s. A guide for choosing fixings, not a structural design: the kit maker’s instructions and local codes stand over it.',
                    $worst->says(),
                    $sight->say($worst->x),
                ),
                '',
                ['utilisation' => $used],
            );
        }
        $least = array_reduce(
            $anchoring->railBolts(),
            fn (float $least, Fixing $fixing) => min($least, $fixing->reaction->min),
            0.0,
        );
        if ($least < -0.3 * $anchoring->wheel * count($anchoring->runs)) {
            yield new Finding(
                FindingCode::Uplift,
                Severity::Note,
                sprintf('One fixing is lifted with %.0f N', -$least),
                'Where the leaf hangs out past it. Its bolt holds it down; it is not left loose.',
                'brief.backing',
                ['uplift_N' => -$least],
            );
        }
    }

    /** @return list<Cure> */
    private function cures(Sight $sight): array
    {
        $thick = $sight->brief->header->thickness;

        return [
            ...$sight->plan->header === null
                ? [$sight->cure('A header on every stud', ['brief.backing' => 'header', 'brief.leaf.height' => 'auto'])]
                : [],
            ...array_map(
                fn (int $mm) => $sight->cure("Board {$sight->say(Length::mm($mm))} thick", [
                    'brief.header.thickness' => Length::mm($mm),
                ]),
                array_values(
                    array_filter(
                        [32, 38, 45],
                        fn (int $mm) => $sight->plan->header !== null && Length::mm($mm)->isOver($thick),
                    ),
                ),
            ),
            $sight->cure('A board of Douglas fir', ['brief.header.wood' => 'douglas-fir-larch']),
            $sight->cure('Washers 40 × 3 under the standoffs', ['brief.rules.washers' => true]),
        ];
    }
}
