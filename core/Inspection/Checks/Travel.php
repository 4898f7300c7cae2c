<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\Opens;
use YokeLine\Doorway\Surplus;
use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Measure\Sum;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\PlannedLeaf;

/** How far the leaf can go, and what passage that leaves. */
final class Travel implements AlongCheck
{
    public function look(CheckContext $context): iterable
    {
        $layout = $context->plan->layout;
        // Of several passages the narrowest speaks.
        $passage = Length::least(...array_map(fn (Sum $sum) => $sum->total, array_values($layout->passages)));
        $cuts = array_map(fn (LeafRun $run) => $this->cut($run), $layout->runs);
        $cut = Length::greatest(...array_values($cuts));
        $least = $context->plan->room->opening->leastWidth();
        $is = $context->plan->room->opening->is;
        if ($context->rules->parked) {
            yield new Finding(FindingCode::Parked, Severity::Note, 'brief.rules.parked');

            return;
        }
        if (! $is->isWayThrough()) {
            $free = Length::least($passage, $least);
            yield $free->isPositive()
                ? new Finding(
                    FindingCode::Uncovers,
                    Severity::Ok,
                    '',
                    ['free' => $free, 'opening' => $is],
                    how: 'partly',
                )
                : new Finding(
                    FindingCode::Uncovers,
                    Severity::Settle,
                    'brief.rules.parked',
                    ['opening' => $is],
                    [$context->cure('parked', ['brief.rules.parked' => true]), ...$this->waysOut($context, $cut)],
                    how: 'wholly',
                );

            return;
        }
        if (! $passage->isPositive()) {
            yield new Finding(
                FindingCode::Passage,
                Severity::Stop,
                'brief.opens',
                ['passage' => $passage],
                $this->waysOut($context, $cut),
                how: 'none',
            );
        } elseif ($context->isShort(Length::zero(), $cut)) {
            yield from $context->ofEachLeaf(
                fn (PlannedLeaf $leaf) => $context->isShort(Length::zero(), $this->cut($leaf->run))
                    ? [$this->tooSoon($context, $this->cut($leaf->run), $passage)]
                    : [],
            );
        } elseif ($context->plan->hang()->hasOpenPlaces() && $context->isShort($passage, $least)) {
            yield new Finding(
                FindingCode::Passage,
                Severity::Note,
                'brief.rules.park',
                ['passage' => $passage, 'least' => $least],
                [$context->cure('park-flush', ['brief.rules.park' => '0'])],
                how: 'parked',
            );
        } else {
            yield new Finding(FindingCode::PassageClear, Severity::Ok, '', ['passage' => $passage]);
        }
    }

    private function tooSoon(CheckContext $context, Length $cut, Length $passage): Finding
    {
        return new Finding(
            FindingCode::TravelCut,
            Severity::Settle,
            'brief.rules.park',
            ['cut' => $cut, 'passage' => $passage],
            $this->waysOut($context, $cut),
        );
    }

    private function cut(LeafRun $run): Length
    {
        return $run->wanted->total->minus($run->travel->total);
    }

    /** @return list<Cure> */
    private function waysOut(CheckContext $context, Length $cut): array
    {
        $park = $context->rules->park->minus($context->up($cut));
        $other = $context->brief->opens === Opens::Left ? Opens::Right : Opens::Left;
        $end = $context->rules->endClearance->minus($context->up($cut));

        return [
            $context->openTo($other),
            ...$end->isNegative() ? [] : [$context->cure('end-clearance', ['brief.rules.end_clearance' => $end])],
            ...$context->rules->surplus === Surplus::Leading
                ? []
                : [$context->cure('surplus-leading', ['brief.rules.surplus' => 'leading'])],
            ...$context->buffers('open'),
            $context->park($park),
        ];
    }
}
