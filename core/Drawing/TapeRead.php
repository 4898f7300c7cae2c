<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;
use YokeLine\Measure\Wording;

/** A piece of tape with an arrow at one of its divisions, to be read by eye: nothing of it says the number. */
final class TapeRead
{
    /** So many numbered divisions are seen. */
    private const SEEN = 4;

    public static function of(Length $at, Unit $unit, Wording $wording): Scene
    {
        $isInch = $unit === Unit::Inch;
        $number = $isInch ? Length::sixteenths(16) : Length::mm(10);
        $step = $unit->step();
        $from = $at->roundedDownTo($number)->minus($number);
        $seen = new Span($from, $from->plus($number->times(self::SEEN)));
        $wide = $seen->length()->toMm();
        // Drawn from nought, whatever it reads: the place in the drawing tells only what one sees.
        $x = fn (Length $place) => $place->minus($from)->toMm();
        $ticks = [];
        $shapes = [Shape::box('tape', 0, 0, $wide, $wide * 0.16)];
        $per = intdiv($number->nm, $step->nm);
        for ($i = 0; $i <= self::SEEN * $per; $i++) {
            $long = match (true) {
                $i % $per === 0 => 0.1,
                $i % intdiv($per, 2) === 0 => 0.075,
                $isInch && $i % 4 === 0 => 0.055,
                $isInch && $i % 2 === 0 => 0.04,
                default => 0.028,
            };
            $place = $step->times($i)->toMm();
            $ticks[] = [$place, 0.0, $place, $wide * $long];
            if ($i % $per === 0) {
                $shapes[] = Shape::text(
                    'tape-number',
                    $place,
                    $wide * 0.148,
                    $wide * 0.042,
                    $wording->lengths()->show($from->plus($step->times($i))),
                    'middle',
                );
            }
        }
        $arrow = $x($at);

        return new Scene(
            'tape-read',
            $wording->say(Caption::of('tape-read')),
            -$wide * 0.06,
            -$wide * 0.1,
            $wide * 1.12,
            $wide * 0.28,
            [
                ...$shapes,
                Shape::lines('tape-tick', $ticks),
                Shape::area('mark', [
                    [$arrow, 0],
                    [$arrow - $wide * 0.018, -$wide * 0.07],
                    [$arrow + $wide * 0.018, -$wide * 0.07],
                ]),
            ],
        );
    }
}
