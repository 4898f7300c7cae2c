<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Measure\Wording;
use YokeLine\Stock\CuttingPlan;

/** A cutting plan as bars, each piece with its length and what it is for. */
final class CutBars
{
    private const ROW = 46;

    private const WIDE = 900;

    public static function of(CuttingPlan $plan, Wording $wording): Scene
    {
        $longest = max(array_map(fn ($bar) => $bar->stock->toMm(), $plan->bars) ?: [1.0]);
        $scale = (self::WIDE - 90) / $longest;
        $shapes = [];
        foreach ($plan->bars as $i => $bar) {
            $y = 6.0 + self::ROW * $i;
            $shapes[] = Shape::text('reading', 0, $y + 22, 14, $wording->lengths()->show($bar->stock));
            $shapes[] = Shape::box('offcut', 80, $y, $bar->stock->toMm() * $scale, 34);
            $x = 80.0;
            foreach ($bar->pieces as $piece) {
                $wide = $piece->length->toMm() * $scale;
                $shapes[] = Shape::box('header', $x, $y, $wide, 34);
                $shapes[] = Shape::text(
                    'reading',
                    $x + $wide / 2,
                    $y + 15,
                    13,
                    $wording->lengths()->show($piece->length),
                    'middle',
                );
                if ($wide > Labels::width($wording->say($piece->says()), 8)) {
                    $shapes[] = Shape::text(
                        'caption',
                        $x + $wide / 2,
                        $y + 29,
                        10,
                        $wording->say($piece->says()),
                        'middle',
                    );
                }
                $x += $wide + 2;
            }
            if ($bar->offcut->toMm() * $scale > 40) {
                $shapes[] = Shape::text(
                    'caption',
                    80 + $bar->stock->toMm() * $scale - 4,
                    $y + 22,
                    10,
                    $wording->say(Caption::of('offcut', ['long' => $bar->offcut])),
                    'end',
                );
            }
        }

        return new Scene(
            'cut-bars',
            $wording->say(Caption::of('bars')),
            0,
            0,
            self::WIDE,
            self::ROW * count($plan->bars) + 10,
            $shapes,
        );
    }
}
