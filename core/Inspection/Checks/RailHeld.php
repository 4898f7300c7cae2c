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
                $fewOfBoard ? 'brief.header.overrun' : 'brief.backing',
                ['count' => $count],
                [...$this->otherBackings($sight), ...$this->widerBoard($sight)],
                how: $fewOfBoard ? 'board' : 'rail',
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
                'brief.backing',
                ['count' => $misses],
                $place->holds ? [] : $this->otherBackings($sight),
                how: $place->holds ? 'spare' : 'needed',
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
                    $sight->cure('header-on-studs', ['brief.backing' => 'header']),
                    $sight->cure('header-auto', [
                        'brief.backing' => 'header',
                        'brief.leaf.height' => 'auto',
                    ]),
                ],
            ...$sight->brief->backing->isSiteDrilled()
                ? []
                : [$sight->cure('site-drilled', ['brief.backing' => 'site-drilled'])],
        ];
    }

    /** @return list<Cure> */
    private function widerBoard(Sight $sight): array
    {
        return $sight->brief->backing->isHeader()
            ? [$sight->cure('board-to-wall', ['brief.header.reach' => 'wall'])]
            : [];
    }
}
