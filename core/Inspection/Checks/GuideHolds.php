<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\GuideStyle;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;
use YokeLine\Planning\GuidePlace;

/** How far the guide holds the foot of the leaf. */
final class GuideHolds implements Check
{
    public function look(Sight $sight): iterable
    {
        // The one that holds least speaks for all of them.
        $guides = $sight->plan->guides;
        uasort($guides, fn (GuidePlace $a, GuidePlace $b) => $a->hold->total->nm <=> $b->hold->total->nm);
        $guide = array_values($guides)[0];
        $hold = $guide->hold->total;
        $kit = $sight->kit->guide;
        $part = $kit->style->needsGroove() ? 'fin' : ($kit->style === GuideStyle::WallRoller ? 'roller' : 'shoe');
        if (! $sight->isShort($hold, $kit->minEngagement)) {
            $height = $kit->style->needsGroove() ? $kit->bladeHeight : $kit->cheek;
            yield new Finding('guide-holds', Severity::Ok, "Guide {$part} holds {$sight->say($hold)} of its {$sight->say($height)}", $kit->style->needsGroove() ? 'Groove at least '.$sight->sayShort($guide->grooveDepth ?? $hold).' deep.' : '', '', ['hold' => $hold]);

            return;
        }
        $gap = $sight->rules->gap->minus($sight->up($kit->minEngagement->minus($hold)));
        yield new Finding(
            'guide-bite', Severity::Stop, $hold->isPositive() ? "The {$part} bites only {$sight->say($hold)}" : "The {$part} does not reach the leaf",
            "{$sight->say($kit->minEngagement)} is the least that holds; the gap there is {$sight->say($sight->plan->gapAt($guide->window->middle()))}.", 'brief.rules.gap', ['hold' => $hold, 'least' => $kit->minEngagement],
            [...($gap->isUnder(Length::mm(3)) ? [] : [$sight->cure("Floor gap {$sight->say($gap)}", ['brief.rules.gap' => $gap])]), ...$sight->otherKits()],
        );
    }
}
