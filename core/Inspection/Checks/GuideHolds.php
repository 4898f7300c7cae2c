<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\GuideKit;
use YokeLine\Doorway\GuideStyle;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\PlannedLeaf;

/** How far the guide holds the foot of the leaf. */
final class GuideHolds implements Check
{
    public function look(Sight $sight): iterable
    {
        $kit = $sight->kit->guide;
        $isShort = fn (GuidePlace $guide) => $sight->isShort($guide->hold->total, $kit->minEngagement);
        yield from $sight->ofEachLeaf(
            fn (PlannedLeaf $leaf) => $isShort($leaf->guide) ? [$this->bite($sight, $leaf->guide)] : [],
        );
        // Where all hold, the one that holds least speaks for them.
        $guides = $sight->plan->guides;
        if (array_filter($guides, $isShort) === []) {
            usort($guides, fn (GuidePlace $a, GuidePlace $b) => $a->hold->total->nm <=> $b->hold->total->nm);
            $hold = $guides[0]->hold->total;
            $height = $kit->style->needsGroove() ? $kit->bladeHeight : $kit->cheek;
            $deep = array_map(fn (GuidePlace $guide) => $sight->sayShort($guide->grooveDepth ?? $hold), $guides);
            yield new Finding(
                FindingCode::GuideHolds,
                Severity::Ok,
                "Guide {$this->part($kit)} holds {$sight->say($hold)} of its {$sight->say($height)}",
                $kit->style->needsGroove() ? 'Groove at least '.implode(' and ', array_unique($deep)).' deep.' : '',
                '',
                ['hold' => $hold],
            );
        }
    }

    private function part(GuideKit $kit): string
    {
        return $kit->style->needsGroove() ? 'fin' : ($kit->style === GuideStyle::WallRoller ? 'roller' : 'shoe');
    }

    private function bite(Sight $sight, GuidePlace $guide): Finding
    {
        $kit = $sight->kit->guide;
        $part = $this->part($kit);
        $hold = $guide->hold->total;
        $gap = $sight->rules->gap->minus($sight->up($kit->minEngagement->minus($hold)));

        return new Finding(
            FindingCode::GuideBite,
            Severity::Stop,
            $hold->isPositive() ? "The {$part} bites only {$sight->say($hold)}" : "The {$part} does not reach the leaf",
            "{$sight->say($kit->minEngagement)} is the least that holds; the gap there is {$sight->say($sight->plan->gapAt($guide->window->middle()))}.",
            'brief.rules.gap',
            ['hold' => $hold, 'least' => $kit->minEngagement],
            [
                ...$gap->isUnder(Length::mm(3))
                    ? []
                    : [$sight->cure("Floor gap {$sight->say($gap)}", ['brief.rules.gap' => $gap])],
                ...$sight->otherKits(),
            ],
        );
    }
}
