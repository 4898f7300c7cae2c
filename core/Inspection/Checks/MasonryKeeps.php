<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Holding\Holding;
use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;

/** Holes in masonry keep away from its edges. */
final class MasonryKeeps implements AnchorCheck
{
    public function look(CheckContext $context): iterable
    {
        if (! $context->plan->isOnMasonry()) {
            return;
        }
        $plan = $context->plan;
        $masonry = Holding::inMasonry(
            $plan->doorway->survey->withoutHazards(),
            $plan->floor,
            $plan->heights->head->total,
            $plan->boltHeights(),
        );
        $near = array_values(array_filter($plan->rail->holes, fn (Length $x) => ! $masonry->holds($x)));
        if ($near !== []) {
            yield new Finding(
                FindingCode::MasonryEdge,
                Severity::Settle,
                'brief.backing',
                ['x' => $near[0], 'clear' => Length::mm(Holding::MASONRY_EDGE_MM)],
                [
                    $context->cure('header-anchored', [
                        'brief.backing' => 'header',
                        'brief.leaf.height' => 'auto',
                    ]),
                    ...$context->higherLeaf($context->plan->heights->leaf->size->total->plus(Length::mm(40))),
                ],
            );
        }
    }
}
