<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Doorway\Backing;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Span;
use YokeLine\Planning\Plan;
use YokeLine\Planning\RailPlace;

/** What could carry this rail, the least harm first: whether it would, and what it costs in work and wall. */
final readonly class Alternatives
{
    /** @return list<Alternative> */
    public static function of(Plan $plan, LengthWriter $write): array
    {
        $anchoring = Anchoring::of($plan);
        $place = $anchoring->place;
        $hits = count($place->hitPlaces);
        $new = count($place->new);
        $found = [
            new Alternative(
                Backing::Direct,
                "Straight to the studs: {$hits} of {$place->holes} holes hold at {$write->show($place->left)}".
                    ($place->runnerUp === null
                        ? ''
                        : ", next best {$place->runnerUp['hits']} at {$write->show($place->runnerUp['left'])}"),
                $place->holds,
                'no board, nothing shows',
            ),
            new Alternative(
                Backing::Header,
                'A header on every stud',
                count($anchoring->header->at ?? [1, 2]) >= 2,
                'a board to cut, coat and put up: about two hours with a helper; screw heads show',
            ),
        ];
        foreach (self::longerRails($plan, $write) as $longer) {
            $found[] = $longer;
        }
        $found[] = new Alternative(
            Backing::SiteDrilled,
            $new === 0
                ? 'New holes in the rail: no stud takes one'
                : ($new === 1 ? 'One new hole' : "{$new} new holes").' in the rail at the studs',
            $place->newHolds,
            'drilled and deburred on site, each with bolt, spacer, washer and sleeve',
        );
        if ($plan->doorway->survey->isMasonry()) {
            $found[] = new Alternative(
                Backing::Masonry,
                'Anchors in the masonry',
                $place->holds,
                'dust; clear of edges',
            );
        }
        $found[] = new Alternative(null, 'Blocking between the studs', true, 'the wall is opened, filled and painted');
        $found[] = new Alternative(
            Backing::Toggle,
            'Toggles where holes miss',
            $place->holds,
            'they help and carry nothing',
        );

        return $found;
    }

    /** @return list<Alternative> */
    private static function longerRails(Plan $plan, LengthWriter $write): array
    {
        return array_map(
            fn (array $longer) => new Alternative(
                null,
                "A rail of {$write->show($longer[0])}: ".
                    count($longer[1]->hitPlaces).
                    " of {$longer[1]->holes} holes hold",
                $longer[1]->holds,
                'another rail to buy',
            ),
            self::longer($plan),
        );
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
                    1,
                ),
            ];
        }

        return $found;
    }
}
