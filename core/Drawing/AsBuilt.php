<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Measure\Length;
use YokeLine\Measure\Wording;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Recovery\Line;

/**
 * Planned beside built: the rail line as planned, and as it was measured, drawn far steeper than it is so that it is
 * seen.
 */
final readonly class AsBuilt
{
    private const WIDE = 430;

    private const HIGH = 150;

    /** The leaf as planned and as it came, what differs drawn larger. */
    public static function leaf(Plan $plan, PlannedLeaf $leaf, ?Length $width, ?Length $height, Wording $wording): Scene
    {
        $run = $leaf->run;
        [$wide, $high] = [$run->width->toMm(), $plan->heights->leaf->size->total->toMm()];
        $px = $high / 300;
        $overWide = ($width ?? $run->width)->minus($run->width);
        $overHigh = ($height ?? $plan->heights->leaf->size->total)->minus($plan->heights->leaf->size->total);
        // A millimetre is nothing on a leaf: what differs is drawn twenty times as large.
        [$dx, $dy] = [$overWide->toMm() * 20, $overHigh->toMm() * 20];
        $says = fn (Length $over, string $of) => $over->isZero()
            ? $wording->say(Caption::of("{$of}-as-planned"))
            : $wording->say(Caption::of($of.($over->isPositive() ? '-more' : '-less'), ['by' => $over->absolute()]));

        return new Scene(
            'as-built',
            $wording->say(Caption::of('leaf-as-built')),
            -120 * $px,
            -40 * $px + min(0.0, -$dy),
            $wide + max(0.0, $dx) + 260 * $px,
            $high + max(0.0, $dy) + 60 * $px,
            [
                Shape::area('planned', [[0.0, 0.0], [$wide, 0.0], [$wide, $high], [0.0, $high]]),
                Shape::area('built', [[0.0, -$dy], [$wide + $dx, -$dy], [$wide + $dx, $high], [0.0, $high]]),
                Shape::text('reading', $wide / 2, -$dy - 10 * $px, 14 * $px, $says($overWide, 'wide'), 'middle'),
                Shape::text('reading', $wide + $dx + 10 * $px, $high / 2, 14 * $px, $says($overHigh, 'high')),
            ],
        );
    }

    /** @param  list<array{Length, Length}>  $built  place, and how much too high */
    public static function line(Plan $plan, array $built, Wording $wording): Scene
    {
        $rail = $plan->rail->span;
        $px = $rail->length()->toMm() / (self::WIDE - 60);
        $most = max(2.0, ...array_map(fn (array $at) => $at[1]->absolute()->toMm(), $built));
        // Full deviation takes a third of the height.
        $tall = (self::HIGH * $px) / 3 / $most;
        $shapes = [
            Shape::line('planned', $rail->low->toMm(), 0.0, $rail->high->toMm(), 0.0),
            Shape::text('caption', $rail->low->toMm(), -8 * $px, 11 * $px, $wording->say(Caption::of('planned'))),
        ];
        $line = Line::through($built);
        if ($line !== null) {
            $xs = [$rail->low, ...$line->bends(), $rail->high];
            $shapes[] = Shape::path(
                'built',
                array_map(fn (Length $x) => [$x->toMm(), -$line->at($x)->toMm() * $tall], $xs),
            );
        }
        foreach ($built as [$x, $off]) {
            $y = -$off->toMm() * $tall;
            $shapes[] = Shape::circle(
                $off->absolute()->isOver($plan->doorway->marking->plusMinus->level) ? 'off' : 'on',
                $x->toMm(),
                $y,
                5 * $px,
            );
            $shapes[] = Shape::text(
                'reading',
                $x->toMm(),
                $y + ($off->isPositive() ? -12 : 22) * $px,
                14 * $px,
                $off->isZero()
                    ? $wording->say(Caption::of('as-planned'))
                    : $wording->say(Caption::of($off->isPositive() ? 'high' : 'low', ['by' => $off->absolute()])),
                'middle',
            );
        }

        return new Scene(
            'as-built',
            $wording->say(Caption::of('line-as-built')),
            $rail->low->toMm() - 50 * $px,
            (-self::HIGH * $px) / 2,
            $rail->length()->toMm() + 100 * $px,
            self::HIGH * $px,
            $shapes,
        );
    }
}
