<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\OpenEnd;
use YokeLine\Doorway\Opens;
use YokeLine\Doorway\Surplus;
use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;
use YokeLine\Measure\Sum;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\PlannedLeaf;

/** How far the leaf can go, and what passage that leaves. */
final class Travel implements AlongCheck
{
    public function look(Sight $sight): iterable
    {
        $layout = $sight->plan->layout;
        // Of several passages the narrowest speaks.
        $passage = Length::least(...array_map(fn (Sum $sum) => $sum->total, array_values($layout->passages)));
        $cuts = array_map(fn (LeafRun $run) => $this->cut($run), $layout->runs);
        $cut = Length::greatest(...array_values($cuts));
        $least = $sight->plan->room->opening->leastWidth();
        $is = $sight->plan->room->opening->is;
        if ($sight->rules->parked) {
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
                    [$sight->cure('parked', ['brief.rules.parked' => true]), ...$this->waysOut($sight, $cut)],
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
                $this->waysOut($sight, $cut),
                how: 'none',
            );
        } elseif ($sight->isShort(Length::zero(), $cut)) {
            yield from $sight->ofEachLeaf(
                fn (PlannedLeaf $leaf) => $sight->isShort(Length::zero(), $this->cut($leaf->run))
                    ? [$this->tooSoon($sight, $this->cut($leaf->run), $passage)]
                    : [],
            );
        } elseif ($sight->plan->hang()->hasOpenPlaces() && $sight->isShort($passage, $least)) {
            yield new Finding(
                FindingCode::Passage,
                Severity::Note,
                'brief.rules.park',
                ['passage' => $passage, 'least' => $least],
                [$sight->cure('park-flush', ['brief.rules.park' => '0'])],
                how: 'parked',
            );
        } else {
            yield new Finding(FindingCode::PassageClear, Severity::Ok, '', ['passage' => $passage]);
        }
    }

    private function tooSoon(Sight $sight, Length $cut, Length $passage): Finding
    {
        return new Finding(
            FindingCode::TravelCut,
            Severity::Settle,
            'brief.rules.park',
            ['cut' => $cut, 'passage' => $passage],
            $this->waysOut($sight, $cut),
        );
    }

    private function cut(LeafRun $run): Length
    {
        return $run->wanted->total->minus($run->travel->total);
    }

    /** @return list<Cure> */
    private function waysOut(Sight $sight, Length $cut): array
    {
        $park = $sight->rules->park->minus($sight->up($cut));
        $other = $sight->brief->opens === Opens::Left ? Opens::Right : Opens::Left;
        $end = $sight->rules->endClearance->minus($sight->up($cut));

        return [
            $sight->openTo($other),
            ...$end->isNegative() ? [] : [$sight->cure('end-clearance', ['brief.rules.end_clearance' => $end])],
            ...$sight->rules->surplus === Surplus::Leading
                ? []
                : [$sight->cure('surplus-leading', ['brief.rules.surplus' => 'leading'])],
            ...$sight->rules->openEnd === OpenEnd::Buffer
                ? []
                : [$sight->cure('buffer', ['brief.rules.open_end' => 'buffer'])],
            $sight->park($park),
        ];
    }
}
