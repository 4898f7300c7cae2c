<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Doorway\Kit;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\Grid;
use YokeLine\Planning\Rail;
use YokeLine\Planning\RailPlace;

/**
 * Brackets that are set where the studs are: the rail is drilled through them. It lies nearest to its shared place
 * where that holds.
 */
final class FreeBrackets
{
    private const APART_MM = 150;

    private const OVER_SOLID_MM = 400;

    private const OVER_SOLID_16THS = 256;

    /**
     * @param  list<Span>  $stops  bodies that no bracket may stand under
     * @param  ?Length  $byHand  where its left end was set
     */
    public static function best(
        Span $wall,
        Span $least,
        Rail $rail,
        Holding $holding,
        array $stops,
        Kit $kit,
        ?Length $byHand,
        ?Grid $grid = null,
    ): RailPlace {
        $length = $rail->length->total;
        $shared = $rail->span->low;
        $range = new Span(
            Length::greatest($wall->low, $least->high->minus($length)),
            Length::least($least->low, $wall->high->minus($length)),
        );
        $fouls = array_map(fn (Span $body) => $body->widened($kit->standoffBase->half()->minus(Length::mm(1))), $stops);
        $best = null;
        $lefts = match (true) {
            $byHand !== null => [$byHand],
            $grid === null || $grid->isFree() => self::candidates($range, $shared, $length, $holding, $kit),
            default => self::nearestFirst([...$grid->lefts($range, $length), $shared], $shared),
        };
        foreach ($lefts as $left) {
            $places = self::places(Span::from($left, $length), $holding, $fouls, $kit, $grid);
            $holds = RailPlace::carries($places, Span::from($left, $length), $kit->rail, $rail->pieces);
            if ($best === null || $holds) {
                $best = [$left, $places, $holds];
            }
            if ($holds) {
                break;
            }
        }
        [$left, $places, $holds] = $best;
        $margin = $places === [] ? null : Length::least(...array_map($holding->margin(...), $places));

        return new RailPlace(
            $range,
            $shared,
            $left,
            count($places),
            $places,
            $margin,
            $holds,
            [],
            null,
            $places,
            [],
            $holds,
            $length,
            $places,
        );
    }

    /**
     * Wherever a bracket comes onto the rail or off it, or as far from its end as one may be; the nearest to the shared
     * place first.
     *
     * @return non-empty-list<Length>
     */
    private static function candidates(Span $range, Length $shared, Length $length, Holding $holding, Kit $kit): array
    {
        $found = [$shared->nm => $shared, $range->low->nm => $range->low, $range->high->nm => $range->high];
        foreach ($holding->grips as $grip) {
            foreach ($grip->stud === null ? [$grip->span->low, $grip->span->high] : [$grip->stud] as $at) {
                foreach ([$kit->rail->firstHole, $kit->rail->firstFixingWithin] as $in) {
                    foreach ([$at->minus($in), $at->plus($in)->minus($length)] as $left) {
                        if ($range->contains($left)) {
                            $found[$left->nm] = $left;
                        }
                    }
                }
            }
        }

        return self::nearestFirst(array_values($found), $shared);
    }

    /**
     * @param  non-empty-list<Length>  $lefts
     * @return non-empty-list<Length>
     */
    private static function nearestFirst(array $lefts, Length $shared): array
    {
        usort(
            $lefts,
            fn (Length $a, Length $b) => [abs($a->nm - $shared->nm), $a->nm] <=> [abs($b->nm - $shared->nm), $b->nm],
        );

        return $lefts;
    }

    /** @return list<Length> evenly, the outer ones where the solid ends; on a tape of fractions on its marks */
    private static function overSolid(Span $solid, ?Grid $grid): array
    {
        $isFree = $grid === null || $grid->isFree();
        $apart = $isFree ? Length::mm(self::OVER_SOLID_MM) : Length::sixteenths(self::OVER_SOLID_16THS);
        $ends = $isFree ? $solid : new Span($grid->up($solid->low), $grid->down($solid->high));
        if ($ends->length()->isNegative()) {
            return [];
        }
        $bays = max(1, $ends->length()->stepsOf($apart));

        return array_map(function (int $i) use ($ends, $bays, $isFree, $grid): Length {
            $at = $ends->low->plus($ends->length()->scaled($i, $bays));

            return $isFree ? $at : $grid->nearest($at);
        }, range(0, $bays));
    }

    /**
     * @param  list<Span>  $fouls
     * @return list<Length>
     */
    private static function places(Span $rail, Holding $holding, array $fouls, Kit $kit, ?Grid $grid): array
    {
        $room = $rail->widened($kit->rail->firstHole->negated());
        $wanted = [];
        foreach ($holding->grips as $grip) {
            if ($grip->stud !== null && $grip->span->contains($grip->stud)) {
                $wanted[] = $grip->stud;
            } elseif ($grip->stud === null) {
                array_push($wanted, ...self::overSolid($grip->span->cutTo($room), $grid));
            }
        }
        usort($wanted, fn (Length $a, Length $b) => $a->nm <=> $b->nm);
        $places = [];
        foreach ($wanted as $x) {
            $clear = array_filter($fouls, fn (Span $foul) => $foul->surrounds($x)) === [];
            $apart = $places === [] || ! $x->minus($places[count($places) - 1])->isUnder(Length::mm(self::APART_MM));
            if ($room->contains($x) && $clear && $apart) {
                $places[] = $x;
            }
        }

        return $places;
    }
}
