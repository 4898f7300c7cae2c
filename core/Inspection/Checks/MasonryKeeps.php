<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Holding\Holding;
use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;

/** Holes in masonry keep away from its edges. */
final class MasonryKeeps implements AnchorCheck
{
    public function look(Sight $sight): iterable
    {
        if (! $sight->plan->isOnMasonry()) {
            return;
        }
        $plan = $sight->plan;
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
                "The hole at {$sight->say($near[0])} is too near an edge of the masonry",
                "{$sight->say(Length::mm(Holding::MASONRY_EDGE_MM))} from the opening and from a corner is the least: it breaks out. It carries nothing in what is reckoned here.",
                'brief.backing',
                ['x' => $near[0]],
                [
                    $sight->cure('A header, anchored clear of the edges', [
                        'brief.backing' => 'header',
                        'brief.leaf.height' => 'auto',
                    ]),
                    ...$sight->higherLeaf($sight->plan->heights->leaf->size->total->plus(Length::mm(40))),
                ],
            );
        }
    }
}
