<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;

/** The pieces of a rail with the supports under each: no moment and no shear cross a joint. */
final class Pieces
{
    /**
     * @param  list<Length>  $supports  ascending
     * @return list<array{low: float, high: float, supports: list<Length>}>
     */
    public static function of(Plan $plan, array $supports): array
    {
        $ends = [$plan->rail->span->low, ...$plan->joints(), $plan->rail->span->high];
        $pieces = [];
        for ($i = 0; $i < count($ends) - 1; $i++) {
            $pieces[] = [
                'low' => $ends[$i]->toMm(),
                'high' => $ends[$i + 1]->toMm(),
                'supports' => array_values(
                    array_filter($supports, fn (Length $x) => ! $x->isUnder($ends[$i]) && ! $x->isOver($ends[$i + 1])),
                ),
            ];
        }

        return $pieces;
    }
}
