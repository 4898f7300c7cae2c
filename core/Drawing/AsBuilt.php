<?php

namespace YokeLine\Drawing;

use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Planning\Plan;
use YokeLine\Work\Recovery\Line;

/** Planned beside built: the rail line as planned, and as it was measured, drawn far steeper than it is so that it is seen. */
final readonly class AsBuilt
{
    private const WIDE = 430;

    private const HIGH = 150;

    /** @param  list<array{Length, Length}>  $built  place, and how much too high */
    public static function line(Plan $plan, array $built, LengthWriter $write): Scene
    {
        $rail = $plan->rail->span;
        $px = $rail->length()->toMm() / (self::WIDE - 60);
        $most = max(2.0, ...array_map(fn (array $at) => $at[1]->absolute()->toMm(), $built));
        // Full deviation takes a third of the height.
        $tall = self::HIGH * $px / 3 / $most;
        $shapes = [
            Shape::line('planned', $rail->low->toMm(), 0.0, $rail->high->toMm(), 0.0),
            Shape::text('caption', $rail->low->toMm(), -8 * $px, 11 * $px, 'planned'),
        ];
        $line = Line::through($built);
        if ($line !== null) {
            $xs = [$rail->low, ...$line->bends(), $rail->high];
            $shapes[] = Shape::path('built', array_map(fn (Length $x) => [$x->toMm(), -$line->at($x)->toMm() * $tall], $xs));
        }
        foreach ($built as [$x, $off]) {
            $y = -$off->toMm() * $tall;
            $shapes[] = Shape::circle($off->absolute()->isOver($plan->doorway->marking->plusMinus->level) ? 'off' : 'on', $x->toMm(), $y, 5 * $px);
            $shapes[] = Shape::text('reading', $x->toMm(), $y + ($off->isPositive() ? -12 : 22) * $px, 14 * $px, $off->isZero() ? 'as planned' : $write->show($off->absolute()).($off->isPositive() ? ' high' : ' low'), 'middle');
        }

        return new Scene('as-built', 'The rail line as planned and as measured, heights drawn larger', $rail->low->toMm() - 50 * $px, -self::HIGH * $px / 2, $rail->length()->toMm() + 100 * $px, self::HIGH * $px, $shapes);
    }
}
