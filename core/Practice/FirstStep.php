<?php

declare(strict_types=1);

namespace YokeLine\Practice;

use YokeLine\Measure\SeededRandom;
use YokeLine\Work\After;
use YokeLine\Work\Order;
use YokeLine\Work\Step;

/** Of some steps of a wall's work the one that all the others come after. */
final class FirstStep
{
    private const ASKED = 4;

    /** @return array{string, list<string>} the kind of the first, and the kinds that are asked, in no order */
    public static function of(PracticeWall $wall): array
    {
        $steps = Order::of($wall->plan)->steps;
        $chance = new SeededRandom($wall->seed);
        $able = array_filter($steps, fn (Step $step) => count(self::later($step->id, $steps)) >= self::ASKED - 1);
        $first = $chance->one(array_keys($able) ?: array_keys($steps) ?: ['']);
        $kinds = array_fill_keys([$steps[$first]->kind()->value], true);
        $later = self::later($first, $steps);
        while (count($kinds) < self::ASKED && $later !== []) {
            $one = $chance->one(array_values($later));
            $kinds[$steps[$one]->kind()->value] = true;
            unset($later[$one]);
        }
        $asked = array_keys($kinds);
        sort($asked);

        return [$steps[$first]->kind()->value, $asked];
    }

    /**
     * @param  array<string, Step>  $steps
     * @return array<string, string> ids of those that cannot be begun before that one is done
     */
    private static function later(string $first, array $steps): array
    {
        $later = [];
        for ($found = [$first => $first]; $found !== [];) {
            $next = array_filter(
                $steps,
                fn (Step $step) => ! isset($later[$step->id]) &&
                    array_filter($step->after, fn (After $after) => isset($found[$after->step])) !== [],
            );
            $found = array_combine(array_keys($next), array_keys($next));
            $later += $found;
        }

        return $later;
    }
}
