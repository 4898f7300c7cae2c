<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Holding\Pieces;
use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;
use YokeLine\Planning\RailPlace;

/** Whether enough of the rail’s holes hold, near enough to each other and to its ends. */
final class RailHeld implements AnchorCheck
{
    public function look(Sight $sight): iterable
    {
        if (! StudsKnown::isKnown($sight)) {
            return;
        }
        $plan = $sight->plan;
        $anchoring = $sight->anchoring();
        $supports = $anchoring->supports;
        $few = array_filter(Pieces::of($plan, $supports), fn (array $piece) => count($piece['supports']) < 2) !== [];
        $fewOfBoard = $anchoring->header !== null && count($anchoring->header->at) < 2;
        if ($few || $fewOfBoard) {
            $count = $fewOfBoard ? count($anchoring->header->at) : count($supports);
            yield new Finding(
                FindingCode::TooFewStuds,
                Severity::Stop,
                $fewOfBoard
                    ? 'The header catches '.($count === 0 ? 'no stud' : 'one stud only')
                    : ($count === 0
                        ? 'No hole of the rail meets what holds'
                        : 'Too few holes of the rail meet what holds'),
                $fewOfBoard ? 'It wants two at least.' : 'Two to a piece is the least.',
                $fewOfBoard ? 'brief.header.overrun' : 'brief.backing',
                ['hits' => $count],
                [...$this->otherBackings($sight), ...$this->widerBoard($sight)],
            );
        }
        yield from $this->misses($sight, count($plan->rail->holes) - count($supports));
        if (! $few) {
            yield from $this->spread($sight, $supports);
        }
    }

    /** @return iterable<Finding> */
    private function misses(Sight $sight, int $misses): iterable
    {
        $place = $sight->plan->place;
        if ($place !== null && $misses > 0 && ! $sight->plan->backing()->isSiteDrilled()) {
            yield new Finding(
                FindingCode::HoleMissesStud,
                $place->holds ? Severity::Note : Severity::Settle,
                ($misses === 1 ? 'One hole of the rail misses' : "{$misses} holes of the rail miss").' what holds',
                $place->holds
                    ? 'The others are near enough together; leave '.($misses === 1 ? 'it' : 'them').' empty.'
                    : 'A rail that is not in wood comes down; a toggle there helps and carries nothing.',
                'brief.backing',
                ['misses' => $misses],
                $place->holds ? [] : $this->otherBackings($sight),
            );
        }
    }

    /**
     * @param  list<Length>  $supports
     * @return iterable<Finding>
     */
    private function spread(Sight $sight, array $supports): iterable
    {
        $kit = $sight->kit->rail;
        $gap = RailPlace::greatestGap($supports);
        if ($gap !== null && $sight->isShort($kit->maxFixingSpacing, $gap)) {
            yield new Finding(
                FindingCode::Spacing,
                Severity::Settle,
                "Two fixings are {$sight->say($gap)} apart",
                "{$sight->say($kit->maxFixingSpacing)} is the most that the kit allows.",
                'brief.backing',
                ['spacing' => $gap, 'most' => $kit->maxFixingSpacing],
                $this->otherBackings($sight),
            );
        }
        $span = $sight->plan->rail->span;
        $end =
            $supports === []
                ? Length::zero()
                : Length::greatest(
                    $supports[0]->minus($span->low),
                    $span->high->minus($supports[count($supports) - 1]),
                );
        if ($sight->isShort($kit->firstFixingWithin, $end)) {
            yield new Finding(
                FindingCode::EndFixing,
                Severity::Settle,
                "The last fixing is {$sight->say($end)} from the rail's end",
                "{$sight->say($kit->firstFixingWithin)} is the most that the kit allows.",
                'brief.backing',
                ['end' => $end, 'most' => $kit->firstFixingWithin],
                $this->otherBackings($sight),
            );
        }
    }

    /** @return list<Cure> */
    private function otherBackings(Sight $sight): array
    {
        return [
            ...$sight->brief->backing->isHeader()
                ? []
                : [
                    $sight->cure('A header on every stud', ['brief.backing' => 'header']),
                    $sight->cure('A header, its height worked out', [
                        'brief.backing' => 'header',
                        'brief.leaf.height' => 'auto',
                    ]),
                ],
            ...$sight->brief->backing->isSiteDrilled()
                ? []
                : [$sight->cure('New holes in the rail at the studs', ['brief.backing' => 'site-drilled'])],
        ];
    }

    /** @return list<Cure> */
    private function widerBoard(Sight $sight): array
    {
        return $sight->brief->backing->isHeader()
            ? [$sight->cure('A board from wall to wall', ['brief.header.reach' => 'wall'])]
            : [];
    }
}
