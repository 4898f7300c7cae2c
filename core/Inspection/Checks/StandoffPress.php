<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\LiningKind;
use YokeLine\Holding\Fasteners;
use YokeLine\Holding\Fixing;
use YokeLine\Holding\Wood;
use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Quantity;

/** A standoff that presses into what is behind it makes the rail wavy as it is tightened. */
final class StandoffPress implements AnchorCheck
{
    private const SOFT_MPA = 1.5;

    public function look(CheckContext $context): iterable
    {
        $plan = $context->plan;
        $lining = $plan->doorway->survey->lining?->kind;
        $soft = $plan->header === null && in_array($lining, [LiningKind::Gypsum, LiningKind::Plaster], true);
        $behind =
            $plan->header !== null
                ? $context->brief->header->wood
                : ($lining === LiningKind::Plank
                    ? $plan->doorway->survey->lining->wood
                    : $plan->doorway->survey->wood);
        $most = $soft ? self::SOFT_MPA : Wood::of($behind)->bearing;
        $worst = array_reduce(
            $context->anchoring()->fixings,
            fn (float $worst, Fixing $fixing) => max($worst, $fixing->load->bearing ?? 0.0),
            0.0,
        );
        $bears = $soft || $plan->header !== null || $lining === LiningKind::Plank;
        if ($bears && $worst > $most) {
            yield new Finding(
                FindingCode::StandoffSinks,
                Severity::Note,
                'brief.rules.washers',
                [
                    'pressure' => Quantity::megapascals($worst),
                    'most' => Quantity::megapascals($most),
                    'wide' => Fasteners::of($context->plan->doorway->units)->washerWidth(),
                    'thick' => Fasteners::of($context->plan->doorway->units)->washerThickness(),
                ],
                [$context->washers()],
                how: $soft ? 'lining' : 'wood',
            );
        }
    }
}
