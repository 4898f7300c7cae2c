<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\Surplus;
use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\PlannedLeaf;

/** Where the floor guide can stand. */
final class GuideStands implements AlongCheck
{
    public function look(Sight $sight): iterable
    {
        yield from $sight->ofEachLeaf(
            fn (PlannedLeaf $leaf) => $leaf->guide->shortfall->isPositive() ? [$this->window($sight, $leaf->guide)] : [],
        );
        // Where all have room, the one that has least speaks for them.
        $guides = $sight->plan->guides;
        if (array_filter($guides, fn (GuidePlace $guide) => $guide->shortfall->isPositive()) === []) {
            $spare = Length::least(
                ...array_map(fn (GuidePlace $guide) => $guide->window->length(), array_values($guides)),
            )->minus($sight->kit->guide->length);
            yield new Finding(
                FindingCode::GuideRoom,
                Severity::Ok,
                "Guide stands with {$sight->write->showDown($spare)} to spare",
                'Under the leaf shut and open'.($this->andClear($sight) === '' ? '.' : ', out of the passage.'),
                '',
                ['spare' => $spare],
            );
        }
    }

    private function window(Sight $sight, GuidePlace $guide): Finding
    {
        $short = $sight->up($guide->shortfall);
        $park = $sight->rules->park->minus($short);

        return new Finding(
            FindingCode::GuideWindow,
            $sight->isShort(Length::zero(), $guide->shortfall) ? Severity::Stop : Severity::Note,
            "The guide lacks {$sight->sayShort($guide->shortfall)} of room",
            "It is {$sight->say($sight->kit->guide->length)} long; under the leaf both shut and open{$this->andClear($sight)} there is {$sight->say($guide->window->length()->orZeroIfNegative())}.",
            'brief.rules.park',
            ['shortfall' => $guide->shortfall, 'window' => $guide->window->length()],
            [
                ...$sight->rules->surplus === Surplus::Trailing
                    ? []
                    : [$sight->cure('Spare width to the trailing side', ['brief.rules.surplus' => 'trailing'])],
                $sight->cure(
                    $park->isNegative()
                        ? "Park {$sight->say($park->negated())} short"
                        : "Park {$sight->say($park)} past the jamb",
                    ['brief.rules.park' => $park],
                ),
                ...$sight->widerLeaf($sight->plan->layout->width->size->total->plus($short)),
                ...$sight->otherKits(),
            ],
        );
    }

    private function andClear(Sight $sight): string
    {
        return $sight->plan->room->opening->is->isWayThrough() && ! $sight->rules->parked
            ? ', and out of the passage,'
            : '';
    }
}
