<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/**
 * The studs at which a rail best takes holes of its own, beside those of its holes that hold: clear of every hole it
 * has, of its ends, of the
 * stops and of each other. As many as there is room for; where that can be done in several ways, with the smallest
 * greatest distance between
 * neighbours, then nearest to the ends of the rail, then furthest to the left.
 */
final class NewHoles
{
    /** From any hole that the rail has. */
    private const FROM_HOLE_MM = 30;

    private const FROM_END_MM = 40;

    /** From each other, and from a hole that holds. */
    private const APART_MM = 150;

    /**
     * @param  list<Length>  $holes  that the rail has
     * @param  list<Length>  $own  those of them that hold, ascending
     * @param  list<Span>  $fouls  where a stop is in the way
     * @return list<Length> ascending
     */
    public static function best(Span $rail, array $holes, array $own, Holding $holding, array $fouls): array
    {
        $places = self::places($rail, $holes, $own, $holding, $fouls);
        $best = [];
        $bestRank = null;
        foreach ($places as $first => $x) {
            if ($x - $places[0] >= self::APART_MM * 1_000_000) {
                break;
            }
            foreach (self::sets($places, $first, array_map(fn (Length $hole) => $hole->nm, $own)) as [$gap, $set]) {
                $all = [...array_map(fn (Length $hole) => $hole->nm, $own), ...$set];
                $rank = [$gap, max(min($all) - $rail->low->nm, $rail->high->nm - max($all)), $set];
                if ($bestRank === null || $rank < $bestRank) {
                    [$best, $bestRank] = [$set, $rank];
                }
            }
        }

        return array_map(Length::nm(...), $best);
    }

    /**
     * @param  list<Length>  $holes
     * @param  list<Length>  $own
     * @param  list<Span>  $fouls
     * @return list<int> nm, ascending
     */
    private static function places(Span $rail, array $holes, array $own, Holding $holding, array $fouls): array
    {
        $room = $rail->widened(Length::mm(-self::FROM_END_MM));
        $found = [];
        foreach ($holding->grips as $grip) {
            $x = $grip->stud;
            if (
                $x !== null &&
                $grip->span->contains($x) &&
                $room->contains($x) &&
                ! self::isNear($x, $holes, self::FROM_HOLE_MM) &&
                ! self::isNear($x, $own, self::APART_MM) &&
                array_filter($fouls, fn (Span $foul) => $foul->surrounds($x)) === []
            ) {
                $found[] = $x->nm;
            }
        }
        sort($found);

        return array_values(array_unique($found));
    }

    /** @param  list<Length>  $others */
    private static function isNear(Length $x, array $others, int $mm): bool
    {
        return array_filter($others, fn (Length $other) => $other->minus($x)->absolute()->isUnder(Length::mm($mm))) !==
            [];
    }

    /**
     * The ends of a set, and what lies outside of them.
     *
     * @param  list<int>  $own
     * @param  non-empty-list<int>  $set
     * @return list<int>
     */
    private static function outer(array $own, array $set): array
    {
        $last = $set[count($set) - 1];

        return [...array_values(array_filter($own, fn (int $x) => $x < $set[0] || $x > $last)), $set[0], $last];
    }

    /**
     * Every way to end a set that begins at one place and takes each further place that has room, with its smallest
     * greatest distance.
     *
     * @param  non-empty-list<int>  $places  ascending
     * @param  list<int>  $own
     * @return list<array{int, non-empty-list<int>}> the greatest distance, the set
     */
    private static function sets(array $places, int $first, array $own): array
    {
        $apart = self::APART_MM * 1_000_000;
        /** @var array<int, array{int, non-empty-list<int>}> $reached  by the place it goes as far as */
        $reached = [$first => [0, [$places[$first]]]];
        $last = count($places) - 1;
        for ($i = $first; $i <= $last; $i++) {
            if (! isset($reached[$i])) {
                continue;
            }
            [$gap, $set] = $reached[$i];
            $from = $i + 1;
            while ($from <= $last && $apart > $places[$from] - $places[$i]) {
                $from++;
            }
            // The next one leaves no room for another before it.
            for ($next = $from; $next <= $last && $apart > $places[$next] - $places[$from]; $next++) {
                $candidate = [
                    max($gap, self::greatestBetween($places[$i], $places[$next], $own)),
                    [...$set, $places[$next]],
                ];
                if (! isset($reached[$next]) || $candidate < $reached[$next]) {
                    $reached[$next] = $candidate;
                }
            }
        }
        $ends = array_filter($reached, fn (int $i) => $apart > $places[$last] - $places[$i], ARRAY_FILTER_USE_KEY);

        return array_values(
            array_map(function (array $end) use ($own) {
                [$gap, $set] = $end;
                $places = self::outer($own, $set);
                sort($places);
                for ($i = 1; $i < count($places); $i++) {
                    // Between the ends of the set the distances are known.
                    $gap =
                        $places[$i - 1] === $set[0] && $places[$i] === $set[count($set) - 1]
                            ? $gap
                            : max($gap, $places[$i] - $places[$i - 1]);
                }

                return [$gap, $set];
            }, $ends),
        );
    }

    /**
     * The greatest distance from one place to the next, over the holes between them that hold.
     *
     * @param  list<int>  $own  ascending
     */
    private static function greatestBetween(int $from, int $to, array $own): int
    {
        $greatest = 0;
        foreach ([...array_filter($own, fn (int $x) => $x > $from && $x < $to), $to] as $x) {
            $greatest = max($greatest, $x - $from);
            $from = $x;
        }

        return $greatest;
    }
}
