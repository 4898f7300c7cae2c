<?php

declare(strict_types=1);

namespace YokeLine\Anchoring;

use YokeLine\Doorway\Kit;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\Rail;

/** Brackets that are set where the studs are: the rail is drilled through them. It lies nearest to its shared place where that holds. */
final class FreeBrackets
{
    private const APART_MM = 150;

    private const OVER_SOLID_MM = 400;

    /** @param  list<Span>  $stopBodies */
    public static function best(Span $wall, Span $least, Rail $rail, Holding $holding, array $stopBodies, Kit $kit): RailPlace
    {
        $length = $rail->length->total;
        $shared = $rail->span->low;
        $range = new Span(Length::greatest($wall->low, $least->high->minus($length)), Length::least($least->low, $wall->high->minus($length)));
        $fouls = array_map(fn (Span $body) => $body->widened($kit->standoffBase->half()->minus(Length::mm(1))), $stopBodies);
        $candidates = [$shared->nm => $shared, $range->low->nm => $range->low, $range->high->nm => $range->high];
        foreach ($holding->grips as $grip) {
            $at = $grip->stud ?? $grip->span->middle();
            foreach ([$at->minus($kit->rail->firstHole), $at->minus($kit->rail->firstFixingWithin), $at->plus($kit->rail->firstHole)->minus($length), $at->plus($kit->rail->firstFixingWithin)->minus($length)] as $left) {
                if ($range->contains($left)) {
                    $candidates[$left->nm] = $left;
                }
            }
        }
        usort($candidates, fn (Length $a, Length $b) => [abs($a->nm - $shared->nm), $a->nm] <=> [abs($b->nm - $shared->nm), $b->nm]);
        $best = [$shared, [], false];
        foreach ($candidates as $i => $left) {
            $places = self::places(Span::from($left, $length), $holding, $fouls, $kit);
            $holds = RailPlace::carries($places, Span::from($left, $length), $kit->rail, $rail->pieces);
            if ($i === 0 || $holds) {
                $best = [$left, $places, $holds];
            }
            if ($holds) {
                break;
            }
        }
        [$left, $places, $holds] = $best;

        return new RailPlace($range, $shared, $left, count($places), $places, $places === [] ? null : Length::mm(3), $holds, [], null, $places, [], $holds, $length, $places);
    }

    /**
     * @param  list<Span>  $fouls
     * @return list<Length>
     */
    private static function places(Span $rail, Holding $holding, array $fouls, Kit $kit): array
    {
        $room = $rail->widened($kit->rail->firstHole->negated());
        $wanted = [];
        foreach ($holding->grips as $grip) {
            if ($grip->stud !== null && $grip->span->contains($grip->stud)) {
                $wanted[] = $grip->stud;
            } elseif ($grip->stud === null) {
                $solid = $grip->span->cutTo($room);
                $bays = max(1, $solid->length()->orZeroIfNegative()->stepsOf(Length::mm(self::OVER_SOLID_MM)));
                for ($i = 0; $i <= $bays && ! $solid->length()->isNegative(); $i++) {
                    $wanted[] = $solid->low->plus($solid->length()->scaled($i, $bays));
                }
            }
        }
        usort($wanted, fn (Length $a, Length $b) => $a->nm <=> $b->nm);
        $places = [];
        foreach ($wanted as $x) {
            $clear = array_filter($fouls, fn (Span $foul) => $x->isOver($foul->low) && $x->isUnder($foul->high)) === [];
            $apart = $places === [] || ! $x->minus($places[count($places) - 1])->isUnder(Length::mm(self::APART_MM));
            if ($room->contains($x) && $clear && $apart) {
                $places[] = $x;
            }
        }

        return $places;
    }
}
