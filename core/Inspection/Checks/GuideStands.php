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
            fn (PlannedLeaf $leaf) => $leaf->guide->shortfall->isPositive()
                ? [$this->window($sight, $leaf->guide)]
                : [],
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
                '',
                ['spare' => $spare],
                how: $this->where($sight),
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
            'brief.rules.park',
            [
                'shortfall' => $guide->shortfall,
                'window' => $guide->window->length(),
                'length' => $sight->kit->guide->length,
                'room' => $guide->window->length()->orZeroIfNegative(),
            ],
            [
                ...$sight->rules->surplus === Surplus::Trailing
                    ? []
                    : [$sight->cure('surplus-trailing', ['brief.rules.surplus' => 'trailing'])],
                $sight->park($park),
                ...$sight->widerLeaf($sight->plan->layout->width->size->total->plus($short)),
                ...$sight->otherKits(),
            ],
            how: $this->where($sight),
        );
    }

    private function where(Sight $sight): string
    {
        return $sight->plan->room->opening->is->isWayThrough() && ! $sight->rules->parked ? 'passage' : 'anywhere';
    }
}
