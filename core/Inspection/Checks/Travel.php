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
            yield new Finding(
                FindingCode::Parked,
                Severity::Note,
                'The leaf stands there for good',
                'It is hung, stopped at both sides and not slid.',
                'brief.rules.parked',
            );

            return;
        }
        if (! $is->isWayThrough()) {
            $free = Length::least($passage, $least);
            yield $free->isPositive()
                ? new Finding(
                    FindingCode::Uncovers,
                    Severity::Ok,
                    "Open, {$sight->say($free)} of the {$is->says()} is free",
                    'Nobody walks through it: no rule of passage applies.',
                    '',
                    ['free' => $free],
                )
                : new Finding(
                    FindingCode::Uncovers,
                    Severity::Settle,
                    "Open, the leaf still covers the whole {$is->says()}",
                    'Park it for good, or give it somewhere to go.',
                    'brief.rules.parked',
                    [],
                    [$sight->cure('Park it for good', ['brief.rules.parked' => true]), ...$this->waysOut($sight, $cut)],
                );

            return;
        }
        if (! $passage->isPositive()) {
            yield new Finding(
                FindingCode::Passage,
                Severity::Stop,
                'No passage is left',
                'Open, the leaf still covers the whole opening.',
                'brief.opens',
                ['passage' => $passage],
                $this->waysOut($sight, $cut),
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
                "Passage {$sight->say($passage)} of {$sight->say($least)}",
                'The open leaf stands over the rest, as its parking asks.',
                'brief.rules.park',
                ['passage' => $passage],
                [$sight->cure('Park flush with the jamb', ['brief.rules.park' => '0'])],
            );
        } else {
            yield new Finding(
                FindingCode::PassageClear,
                Severity::Ok,
                "Passage {$sight->say($passage)} when open",
                'Check the local rule for accessible width.',
                '',
                ['passage' => $passage],
            );
        }
    }

    private function tooSoon(Sight $sight, Length $cut, Length $passage): Finding
    {
        return new Finding(
            FindingCode::TravelCut,
            Severity::Settle,
            "The wall ends {$sight->sayShort($cut)} too soon",
            "The leaf stops {$sight->sayShort($cut)} short of where it should park and leaves a passage of {$sight->say($passage)}.",
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
            $sight->cure("Open it to the {$other->value}", ['brief.opens' => $other->value]),
            ...$end->isNegative()
                ? []
                : [$sight->cure("Keep {$sight->say($end)} at the wall end", ['brief.rules.end_clearance' => $end])],
            ...$sight->rules->surplus === Surplus::Leading
                ? []
                : [$sight->cure('Spare width to the leading side', ['brief.rules.surplus' => 'leading'])],
            ...$sight->rules->openEnd === OpenEnd::Buffer
                ? []
                : [$sight->cure('A buffer on the wall for a stop', ['brief.rules.open_end' => 'buffer'])],
            $sight->cure("Park {$sight->say($park->negated())} short", ['brief.rules.park' => $park]),
        ];
    }
}
