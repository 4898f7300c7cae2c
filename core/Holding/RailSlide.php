<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Doorway\Kit;
use YokeLine\Doorway\RailKit;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\Grid;
use YokeLine\Planning\Layout;
use YokeLine\Planning\Rail;
use YokeLine\Planning\RailPlace;

/**
 * Where a rail is best slid to, so that its holes meet what holds.
 *
 * Every number it is judged by is straight between a few places: where a hole comes into a grip or out of it, sits in
 * the middle of one, has 3 of margin, or where two margins cross. The best place is one of those.
 *
 * @phpstan-type Judged array{
 *     left: Length, hits: array<int, Length>, margin: ?Length, stopsOver: list<Length>, rank: list<int|float>
 * }
 */
final class RailSlide
{
    /** More margin than this counts for no more. */
    private const ENOUGH_MM = 3;

    /** @param  ?Length  $byHand  where its left end was set */
    public static function of(
        Span $wall,
        Layout $layout,
        Rail $rail,
        Holding $holding,
        Kit $kit,
        ?Length $byHand = null,
        ?Grid $grid = null,
    ): RailPlace {
        $stops = $layout->stopsInTheWay($kit->stop);

        return $kit->rail->freeHoles
            ? FreeBrackets::best($wall, $layout->leastRail(), $rail, $holding, $stops, $kit, $byHand, $grid)
            : self::best(
                $wall,
                $layout->leastRail(),
                $rail->length->total,
                $rail->span->low,
                array_map(fn (Length $hole) => $hole->minus($rail->span->low), $rail->holes),
                $holding,
                $stops,
                $kit->rail,
                $kit->standoffBase,
                $rail->pieces,
                $byHand,
                $grid,
            );
    }

    /**
     * @param  Span  $least  the shortest rail that would do, which the rail must cover
     * @param  list<Length>  $offsets  of its holes from its left end
     * @param  list<Span>  $stopBodies
     * @param  list<Length>  $pieces  how long each is, with holes of its own
     * @param  ?Length  $byHand  judged there, wherever else it would be better
     */
    public static function best(
        Span $wall,
        Span $least,
        Length $length,
        Length $shared,
        array $offsets,
        Holding $holding,
        array $stopBodies,
        RailKit $kit,
        Length $standoffBase,
        array $pieces,
        ?Length $byHand = null,
        ?Grid $grid = null,
    ): RailPlace {
        $range = new Span(
            Length::greatest($wall->low, $least->high->minus($length)),
            Length::least($least->low, $wall->high->minus($length)),
        );
        $fouls = array_map(fn (Span $body) => $body->widened($standoffBase->half()->minus(Length::mm(1))), $stopBodies);
        $judged = [];
        $lefts =
            $grid === null || $grid->isFree()
                ? self::candidates($range, $shared, $offsets, $holding, $fouls)
                : [...$grid->lefts($range, $length), $shared];
        foreach ($lefts as $left) {
            $judged[] = self::judge($left, $shared, $offsets, $holding, $fouls);
        }
        $best = self::first($judged);
        if ($byHand !== null || ($best['hits'] ?? []) === []) {
            $best = self::judge($byHand ?? $shared, $shared, $offsets, $holding, $fouls);
        }
        $held = array_keys($best['hits']);
        $next = self::first(array_filter($judged, fn (array $other) => array_keys($other['hits']) !== $held));
        $runnerUp = $next === null ? null : ['left' => $next['left'], 'hits' => count($next['hits'])];
        $left = $best['left'];
        $rail = Span::from($left, $length);
        $own = array_values($best['hits']);
        $new = NewHoles::best($rail, array_map($left->plus(...), $offsets), $own, $holding, $fouls);
        $both = RailPlace::ascending([...$own, ...$new]);

        return new RailPlace(
            $range,
            $shared,
            $left,
            count($offsets),
            $own,
            $best['margin'],
            RailPlace::carries($own, $rail, $kit, $pieces),
            $best['stopsOver'],
            $runnerUp,
            $own,
            $new,
            RailPlace::carries($both, $rail, $kit, $pieces),
            $length,
        );
    }

    /**
     * @param  list<Length>  $offsets
     * @param  list<Span>  $fouls
     * @return list<Length>
     */
    private static function candidates(
        Span $range,
        Length $shared,
        array $offsets,
        Holding $holding,
        array $fouls,
    ): array {
        $reach = new Span($range->low, $range->high);
        $found = [$range->low->nm => true, $range->high->nm => true, $shared->nm => true];
        $into = $outOf = [];
        $enough = Length::mm(self::ENOUGH_MM);
        foreach ($offsets as $offset) {
            foreach ($holding->grips as $grip) {
                $slide = $grip->span->shifted($offset->negated());
                if ($slide->high->isUnder($reach->low) || $slide->low->isOver($reach->high)) {
                    continue;
                }
                $into[] = $slide->low->nm;
                $outOf[] = $slide->high->nm;
                foreach (
                    [
                        $slide->low,
                        $slide->high,
                        $slide->low->plus($enough),
                        $slide->high->minus($enough),
                        $slide->middle(),
                    ] as $left
                ) {
                    $found[$left->nm] = true;
                }
            }
            foreach ($fouls as $foul) {
                $found[$foul->low->minus($offset)->nm] = $found[$foul->high->minus($offset)->nm] = true;
            }
        }
        foreach ($into as $low) {
            foreach ($outOf as $high) {
                $found[Length::nm($low + $high)->half()->nm] = true;
            }
        }

        // Where the wall is too short for the rail there is no range: it stays where it is shared.
        return [
            ...array_values(array_filter(array_map(Length::nm(...), array_keys($found)), $range->contains(...))),
            $shared,
        ];
    }

    /**
     * @param  array<int, Judged>  $judged
     * @return ?Judged
     */
    private static function first(array $judged): ?array
    {
        $first = null;
        foreach ($judged as $one) {
            $first = $first === null || $one['rank'] < $first['rank'] ? $one : $first;
        }

        return $first;
    }

    /**
     * In whole nanometres throughout: this is asked some hundred times for one rail.
     *
     * @param  list<Length>  $offsets
     * @param  list<Span>  $fouls
     * @return Judged
     */
    private static function judge(Length $left, Length $shared, array $offsets, Holding $holding, array $fouls): array
    {
        $hits = $stopsOver = [];
        $margin = PHP_INT_MAX;
        $gap = 0;
        $before = null;
        foreach ($offsets as $i => $offset) {
            $x = $left->nm + $offset->nm;
            $best = -1;
            foreach ($holding->grips as $grip) {
                if ($grip->span->low->nm > $x) {
                    break;
                }
                if ($grip->span->high->nm >= $x) {
                    $best = max($best, min($x - $grip->span->low->nm, $grip->span->high->nm - $x));
                }
            }
            if ($best >= 0) {
                $hits[$i] = Length::nm($x);
                $margin = min($margin, $best);
                $gap = $before === null ? $gap : max($gap, $x - $before);
                $before = $x;
            }
            foreach ($fouls as $foul) {
                if ($x > $foul->low->nm && $x < $foul->high->nm) {
                    $stopsOver[] = Length::nm($x);
                }
            }
        }

        return [
            'left' => $left,
            'hits' => $hits,
            'margin' => $hits === [] ? null : Length::nm($margin),
            'stopsOver' => $stopsOver,
            'rank' => [
                $stopsOver === [] ? 0 : 1,
                -count($hits),
                count($hits) < 2 ? INF : $gap,
                $hits === [] ? 0 : -min($margin, self::ENOUGH_MM * 1_000_000),
                abs($left->nm - $shared->nm),
                $left->nm,
            ],
        ];
    }
}
