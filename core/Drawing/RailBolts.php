<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Holding\Anchoring;
use YokeLine\Measure\Length;
use YokeLine\Measure\Wording;
use YokeLine\Planning\Plan;

/** A rail, its holes numbered from the left as the turn of the bolts tells them; those that carry are full. */
final class RailBolts
{
    private const WIDE = 430;

    private const HIGH = 120;

    /** @param  list<int>  $turn  numbers of the holes, as their bolts are driven */
    public static function of(Plan $plan, array $turn, Wording $wording): Scene
    {
        $rail = $plan->rail->span;
        $px = $rail->length()->toMm() / (self::WIDE - 60);
        $half = 9 * $px;
        $carries = array_map(fn (Length $x) => $x->nm, Anchoring::of($plan)->supports);
        $turns = array_flip($turn);
        $shapes = [
            Shape::box('rail', $rail->low->toMm(), -$half, $rail->length()->toMm(), 2 * $half),
            ...array_map(
                fn (Length $joint) => Shape::line('joint', $joint->toMm(), -$half, $joint->toMm(), $half),
                $plan->joints(),
            ),
        ];
        foreach ($plan->rail->holes as $i => $hole) {
            $x = $hole->toMm();
            $carrying = in_array($hole->nm, $carries, true);
            $shapes[] = Shape::circle($carrying ? 'bolt-carries' : 'hole', $x, 0.0, 5 * $px);
            $shapes[] = Shape::text('reading', $x, -22 * $px, 16 * $px, (string) ($i + 1), 'middle');
            $shapes[] = Shape::text(
                'caption',
                $x,
                34 * $px,
                11 * $px,
                $wording->say(Caption::of('in-turn', ['n' => ($turns[$i + 1] ?? 0) + 1])),
                'middle',
            );
        }

        return new Scene(
            'as-built',
            $wording->say(Caption::of('rail-bolts')),
            $rail->low->toMm() - 30 * $px,
            (-self::HIGH * $px) / 2,
            $rail->length()->toMm() + 60 * $px,
            self::HIGH * $px,
            $shapes,
        );
    }
}
