<?php

declare(strict_types=1);

namespace YokeLine\Format;

use YokeLine\Marks\Heights;
use YokeLine\Marks\Pull;
use YokeLine\Marks\Pulls;
use YokeLine\Marks\Reading;
use YokeLine\Marks\TapeMark;
use YokeLine\Marks\Tapes;
use YokeLine\Planning\Plan;

/** The marks of a plan as the open file has them: each on its tape, and the pulls that put them on the wall. */
final class MarksWriter
{
    /** @return array<string, mixed> */
    public static function write(Plan $plan): array
    {
        $pulls = Pulls::of(Tapes::wall($plan), Pulls::hooks($plan), $plan->doorway->tape(), $plan->doorway->step());

        return [
            'marks' => array_map(
                fn (TapeMark $mark) => [
                    'id' => $mark->id->value,
                    'tape' => $mark->tape,
                    'place' => $mark->place->toMm(),
                    'step' => $mark->step,
                    'spare' => $mark->spare?->toMm(),
                ],
                self::marks($plan),
            ),
            'tape_pulls' => array_map(
                fn (Pull $pull) => [
                    'hook' => $pull->hook->id,
                    'at' => $pull->hook->at->toMm(),
                    'carried' => $pull->hook->carried,
                    'towards' => $pull->way === 1 ? 'right' : 'left',
                    'readings' => array_map(
                        fn (Reading $reading) => [
                            'mark' => $reading->mark->id->value,
                            'x' => $reading->mark->place->toMm(),
                            'reading' => $reading->reading->toMm(),
                            'shown' => $reading->shown->toMm(),
                        ],
                        $pull->readings,
                    ),
                ],
                $pulls->pulls,
            ),
        ];
    }

    /** @return list<TapeMark> */
    public static function marks(Plan $plan): array
    {
        return [
            ...Tapes::wall($plan),
            ...Heights::marks($plan),
            ...Tapes::board($plan),
            ...Tapes::rail($plan),
            ...Tapes::acrossAll($plan),
            ...Tapes::down($plan),
            ...Tapes::up($plan),
            ...Tapes::floor($plan),
        ];
    }
}
