<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\Yard;
use YokeLine\Holding\Fixing;
use YokeLine\Holding\Member;
use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Measure\Quantity;

/** How hard the hardest worked fixing is worked, and whether it could be told. */
final class FixingsStrong implements AnchorCheck
{
    /** A board that is thinner than this makes nothing stronger. */
    private const STRONGER_MM = 32;

    public function look(CheckContext $context): iterable
    {
        if (! StudsKnown::isKnown($context)) {
            return;
        }
        $anchoring = $context->anchoring();
        $unchecked = array_filter($anchoring->fixings, fn (Fixing $fixing) => $fixing->strength->utilisation === null);
        if ($unchecked !== []) {
            $masonry = array_values($unchecked)[0]->into === Member::Masonry;
            yield new Finding(
                FindingCode::NotChecked,
                Severity::Settle,
                $masonry ? 'brief.anchor.tension_N' : 'brief.header.wood',
                ['count' => count($unchecked)],
                $masonry ? [] : [$context->cure('board-spruce', ['brief.header.wood' => 'spruce-pine-fir'])],
                how: $masonry ? 'anchor' : 'board',
            );
        }
        $worst = $anchoring->worst();
        $used = $worst?->strength->utilisation;
        if ($worst !== null && $used !== null && $used > 1) {
            yield new Finding(
                FindingCode::OverWorked,
                $used > 1.5 ? Severity::Stop : Severity::Settle,
                'brief.header.thickness',
                [
                    'kind' => $worst->kind,
                    'x' => $worst->x,
                    'utilisation' => $used,
                    'fixing' => $worst->called(),
                    'used' => Quantity::share($used),
                    'shear' => Quantity::newtons($worst->load->shear),
                    'tension' => Quantity::newtons($worst->load->tension),
                    'factor' => $context->rules->loadFactorTenths / 10,
                ],
                $this->cures($context),
            );
        } elseif ($worst !== null && $used !== null) {
            yield new Finding(FindingCode::Holds, Severity::Ok, '', [
                'utilisation' => $used,
                'used' => Quantity::share($used),
                'fixing' => $worst->called(),
                'x' => $worst->x,
            ]);
        }
        $least = array_reduce(
            $anchoring->railBolts(),
            fn (float $least, Fixing $fixing) => min($least, $fixing->load->reaction->min),
            0.0,
        );
        if ($least < -0.3 * $anchoring->wheel * count($anchoring->runs)) {
            yield new Finding(FindingCode::Uplift, Severity::Note, 'brief.backing', [
                'uplift_N' => Quantity::newtons(-$least),
            ]);
        }
    }

    /** @return list<Cure> */
    private function cures(CheckContext $context): array
    {
        $thick = $context->brief->header->thickness;

        return [
            ...$context->plan->header === null
                ? [$context->cure('header-on-studs', ['brief.backing' => 'header', 'brief.leaf.height' => 'auto'])]
                : [],
            ...$context->plan->header === null
                ? []
                : array_map(
                    fn (Length $size) => $context->cure('board-thick', ['brief.header.thickness' => $size]),
                    array_filter(
                        Yard::thicker($thick, $context->plan->doorway->units),
                        fn (Length $size) => ! $size->isUnder(Length::mm(self::STRONGER_MM)),
                    ),
                ),
            $context->cure('board-fir', ['brief.header.wood' => 'douglas-fir-larch']),
            $context->washers(),
        ];
    }
}
