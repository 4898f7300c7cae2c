<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\Surplus;
use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;
use YokeLine\Planning\GuidePlace;

/** Where the floor guide can stand. */
final class GuideStands implements AlongCheck
{
    public function look(Sight $sight): iterable
    {
        $guides = $sight->plan->guides;
        uasort($guides, fn (GuidePlace $a, GuidePlace $b) => $a->window->length()->nm <=> $b->window->length()->nm);
        $guide = array_values($guides)[0];
        if (! $guide->shortfall->isPositive()) {
            $spare = $guide->window->length()->minus($sight->kit->guide->length);
            yield new Finding('guide-room', Severity::Ok, "Guide stands with {$sight->write->showDown($spare)} to spare", 'Under the leaf shut and open'.($this->andClear($sight) === '' ? '.' : ', out of the passage.'), '', ['spare' => $spare]);

            return;
        }
        $short = $sight->up($guide->shortfall);
        $park = $sight->rules->park->minus($short);
        yield new Finding(
            'guide-window', $sight->isShort(Length::zero(), $guide->shortfall) ? Severity::Stop : Severity::Note,
            "The guide lacks {$sight->sayShort($guide->shortfall)} of room",
            "It is {$sight->say($sight->kit->guide->length)} long; under the leaf both shut and open{$this->andClear($sight)} there is {$sight->say($guide->window->length()->orZeroIfNegative())}.",
            'brief.rules.park', ['shortfall' => $guide->shortfall, 'window' => $guide->window->length()],
            [
                ...($sight->rules->surplus === Surplus::Trailing ? [] : [$sight->cure('Spare width to the trailing side', ['brief.rules.surplus' => 'trailing'])]),
                $sight->cure($park->isNegative() ? "Park {$sight->say($park->negated())} short" : "Park {$sight->say($park)} past the jamb", ['brief.rules.park' => $park]),
                ...$sight->widerLeaf($sight->plan->layout->width->size->total->plus($short)),
                ...$sight->otherKits(),
            ],
        );
    }

    private function andClear(Sight $sight): string
    {
        return $sight->plan->room->opening->is->isWayThrough() && ! $sight->rules->parked ? ', and out of the passage,' : '';
    }
}
