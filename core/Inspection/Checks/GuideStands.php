<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\Surplus;
use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\PlannedLeaf;

/** Where the floor guide can stand. */
final class GuideStands implements AlongCheck
{
    public function look(CheckContext $context): iterable
    {
        yield from $context->ofEachLeaf(
            fn (PlannedLeaf $leaf) => $leaf->guide->shortfall->isPositive()
                ? [$this->window($context, $leaf->guide)]
                : [],
        );
        // Where all have room, the one that has least speaks for them.
        $guides = $context->plan->guides;
        if (array_filter($guides, fn (GuidePlace $guide) => $guide->shortfall->isPositive()) === []) {
            $spare = Length::least(
                ...array_map(fn (GuidePlace $guide) => $guide->window->length(), array_values($guides)),
            )->minus($context->kit->guide->length);
            yield new Finding(
                FindingCode::GuideRoom,
                Severity::Ok,
                '',
                ['spare' => $spare],
                how: $this->where($context),
            );
        }
    }

    private function window(CheckContext $context, GuidePlace $guide): Finding
    {
        $short = $context->up($guide->shortfall);
        $park = $context->rules->park->minus($short);

        return new Finding(
            FindingCode::GuideWindow,
            $context->isShort(Length::zero(), $guide->shortfall) ? Severity::Stop : Severity::Note,
            'brief.rules.park',
            [
                'shortfall' => $guide->shortfall,
                'window' => $guide->window->length(),
                'length' => $context->kit->guide->length,
                'room' => $guide->window->length()->orZeroIfNegative(),
            ],
            [
                ...$context->rules->surplus === Surplus::Trailing
                    ? []
                    : [$context->cure('surplus-trailing', ['brief.rules.surplus' => 'trailing'])],
                $context->park($park),
                ...$context->widerLeaf($context->plan->layout->width->size->total->plus($short)),
                ...$context->otherKits(),
            ],
            how: $this->where($context),
        );
    }

    private function where(CheckContext $context): string
    {
        return $context->plan->room->opening->is->isWayThrough() && ! $context->rules->parked ? 'passage' : 'anywhere';
    }
}
