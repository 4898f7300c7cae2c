<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Marks\Pull;
use YokeLine\Marks\Reading;
use YokeLine\Measure\Unit;
use YokeLine\Measure\Wording;

/** One pull of the tape, drawn large, to be scrolled along: its divisions, and every mark where it is read. */
final readonly class PullTape
{
    /** Pixels to a millimetre of tape. */
    private const SCALE = 0.95;

    private const HIGH = 118;

    public static function of(Pull $pull, Wording $wording): Scene
    {
        $long = $pull->reach()->toMm() * self::SCALE + 90;
        $shapes = [Shape::box('tape', 0, 44, $long, 30)];
        $step = $wording->lengths()->unit === Unit::Inch ? 25.4 : 10.0;
        $ticks = [];
        for ($i = 0; $i * $step * self::SCALE <= $long; $i++) {
            $x = $i * $step * self::SCALE;
            $ticks[] = [$x, 44.0, $x, 44.0 + ($i % 10 === 0 ? 14 : ($i % 5 === 0 ? 10 : 6))];
            if ($i % 10 === 0) {
                $shapes[] = Shape::text(
                    'tape-number',
                    $x + 2,
                    71,
                    11,
                    (string) ($wording->lengths()->unit === Unit::Inch ? $i : $i * 10),
                );
            }
        }
        $shapes[] = Shape::lines('tape-tick', $ticks);
        $texts = array_map(fn (Reading $reading) => $wording->lengths()->showOnTape($reading->shown), $pull->readings);
        $names = array_map(fn (Reading $reading) => $wording->say($reading->mark->id->says()), $pull->readings);
        $places = array_map(fn (Reading $reading) => $reading->reading->toMm() * self::SCALE, $pull->readings);
        $centres = Labels::spread(
            $places,
            array_map(
                fn (string $text, string $name) => max(Labels::width($text, 19), Labels::width($name, 10)) + 10,
                $texts,
                $names,
            ),
            0.0,
        );
        foreach ($pull->readings as $i => $reading) {
            $shapes[] = Shape::path('leader', [[$places[$i], 44], [$places[$i], 38], [$centres[$i], 32]]);
            $shapes[] = Shape::area('mark', [[$places[$i] - 5, 36], [$places[$i] + 5, 36], [$places[$i], 45]]);
            $shapes[] = Shape::text('reading', $centres[$i], 16, 19, $texts[$i], 'middle');
            $shapes[] = Shape::text('caption', $centres[$i], 29, 10, $names[$i], 'middle');
        }

        return new Scene(
            'pull',
            $wording->say(Caption::of($pull->way === 1 ? 'tape-right' : 'tape-left', ['hook' => $pull->hook->says()])),
            -24,
            0,
            max($long, ($centres === [] ? 0 : $centres[count($centres) - 1]) + 60) + 48,
            self::HIGH - 30,
            $shapes,
        );
    }
}
