<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Doorway\Backing;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\Grid;
use YokeLine\Planning\Plan;
use YokeLine\Planning\RailPlace;

/** What could carry this rail, the least harm first: whether it would, and what it costs in work and wall. */
final readonly class Alternatives
{
    /** @return list<Alternative> */
    public static function of(Plan $plan): array
    {
        $anchoring = Anchoring::of($plan);
        $place = $anchoring->place();
        $new = count($place->new);

        return [
            new Alternative(Backing::Direct, $place->runnerUp === null ? 'direct' : 'direct.next', $place->holds, [
                'hits' => count($place->hitPlaces),
                'of' => $place->holes,
                'at' => $place->left,
                'next' => $place->runnerUp['hits'] ?? 0,
                'next_at' => $place->runnerUp['left'] ?? Length::zero(),
            ]),
            new Alternative(Backing::Header, 'header', count($anchoring->header->at ?? [1, 2]) >= 2),
            ...array_map(
                fn (array $longer) => new Alternative(null, 'longer', $longer[1]->holds, [
                    'long' => $longer[0],
                    'hits' => count($longer[1]->hitPlaces),
                    'of' => $longer[1]->holes,
                ]),
                self::longer($plan),
            ),
            new Alternative(Backing::SiteDrilled, $new === 0 ? 'new-holes.none' : 'new-holes', $place->newHolds, [
                'count' => $new,
            ]),
            ...$plan->doorway->survey->isMasonry() ? [new Alternative(Backing::Masonry, 'masonry', $place->holds)] : [],
            new Alternative(null, 'blocking', true),
            new Alternative(Backing::Toggle, 'toggle', $place->holds),
        ];
    }

    /** @return list<array{Length, RailPlace}> longer stock that the wall takes, and where each is best slid to */
    public static function longer(Plan $plan): array
    {
        $kit = $plan->kit;
        $holding = RailFixings::holding($plan);
        $stops = $plan->layout->stopsInTheWay($kit->stop);
        $found = [];
        foreach ($kit->rail->lengths as $length) {
            if (
                ! $length->isOver($plan->rail->length->total) ||
                $length->isOver($plan->room->wall->length()) ||
                $kit->rail->freeHoles
            ) {
                continue;
            }
            $least = $plan->layout->leastRail();
            $shared = Span::from($least->middle()->minus($length->half()), $length)->heldInside($plan->room->wall)->low;
            $offsets = array_map(
                fn (Length $hole) => $hole->minus($shared),
                $plan->rail->ofLength($shared, $length, $kit->rail)->holes,
            );
            $found[] = [
                $length,
                RailSlide::best(
                    $plan->room->wall,
                    $least,
                    $length,
                    $shared,
                    $offsets,
                    $holding,
                    $stops,
                    $kit->rail,
                    $kit->standoffBase,
                    [$length],
                    grid: Grid::of($plan->doorway),
                ),
            ];
        }

        return $found;
    }
}
