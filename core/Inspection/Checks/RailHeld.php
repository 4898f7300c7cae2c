<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Holding\Pieces;
use YokeLine\Inspection\AnchorCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Planning\RailPlace;

/** Whether enough of the rail’s holes hold, near enough to each other and to its ends. */
final class RailHeld implements AnchorCheck
{
    public function look(CheckContext $context): iterable
    {
        if (! StudsKnown::isKnown($context)) {
            return;
        }
        $plan = $context->plan;
        $anchoring = $context->anchoring();
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
                [...$this->otherBackings($context), ...$this->widerBoard($context)],
                how: $fewOfBoard ? 'board' : 'rail',
            );
        }
        yield from $this->misses($context, count($plan->rail->holes) - count($supports));
        if (! $few) {
            yield from $this->spread($context, $supports);
        }
    }

    /** @return iterable<Finding> */
    private function misses(CheckContext $context, int $misses): iterable
    {
        $place = $context->plan->place;
        if ($place !== null && $misses > 0 && ! $context->plan->backing()->isSiteDrilled()) {
            yield new Finding(
                FindingCode::HoleMissesStud,
                $place->holds ? Severity::Note : Severity::Settle,
                'brief.backing',
                ['count' => $misses],
                $place->holds ? [] : $this->otherBackings($context),
                how: $place->holds ? 'spare' : 'needed',
            );
        }
    }

    /**
     * @param  list<Length>  $supports
     * @return iterable<Finding>
     */
    private function spread(CheckContext $context, array $supports): iterable
    {
        $kit = $context->kit->rail;
        $gap = RailPlace::greatestGap($supports);
        if ($gap !== null && $context->isShort($kit->maxFixingSpacing, $gap)) {
            yield new Finding(
                FindingCode::Spacing,
                Severity::Settle,
                'brief.backing',
                ['spacing' => $gap, 'most' => $kit->maxFixingSpacing],
                $this->otherBackings($context),
            );
        }
        $span = $context->plan->rail->span;
        $end =
            $supports === []
                ? Length::zero()
                : Length::greatest(
                    $supports[0]->minus($span->low),
                    $span->high->minus($supports[count($supports) - 1]),
                );
        if ($context->isShort($kit->firstFixingWithin, $end)) {
            yield new Finding(
                FindingCode::EndFixing,
                Severity::Settle,
                'brief.backing',
                ['end' => $end, 'most' => $kit->firstFixingWithin],
                $this->otherBackings($context),
            );
        }
    }

    /** @return list<Cure> */
    private function otherBackings(CheckContext $context): array
    {
        return [
            ...$context->brief->backing->isHeader()
                ? []
                : [
                    $context->cure('header-on-studs', ['brief.backing' => 'header']),
                    $context->cure('header-auto', [
                        'brief.backing' => 'header',
                        'brief.leaf.height' => 'auto',
                    ]),
                ],
            ...$context->brief->backing->isSiteDrilled()
                ? []
                : [$context->cure('site-drilled', ['brief.backing' => 'site-drilled'])],
        ];
    }

    /** @return list<Cure> */
    private function widerBoard(CheckContext $context): array
    {
        return $context->brief->backing->isHeader()
            ? [$context->cure('board-to-wall', ['brief.header.reach' => 'wall'])]
            : [];
    }
}
