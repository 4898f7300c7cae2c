<?php

declare(strict_types=1);

namespace YokeLine\Survey;

/** Linear equations of a handful of unknowns. */
final class Linear
{
    /**
     * What solves more equations than there are unknowns with the least sum of squares, by the normal equations.
     *
     * @param  non-empty-list<non-empty-list<float>>  $rows
     * @param  list<float>  $values
     * @return list<float>
     *
     * @throws UnusablePhoto where they do not tell all unknowns
     */
    public static function leastSquares(array $rows, array $values): array
    {
        $unknowns = range(0, count($rows[0]) - 1);
        $square = array_map(
            fn (int $i) => [
                ...array_map(fn (int $j) => self::product(array_column($rows, $i), array_column($rows, $j)), $unknowns),
                self::product(array_column($rows, $i), $values),
            ],
            $unknowns,
        );

        return self::solved($square);
    }

    /**
     * Gauss with pivots.
     *
     * @param  list<list<float>>  $rows  each with its value last
     * @return list<float>
     */
    private static function solved(array $rows): array
    {
        $count = count($rows);
        for ($i = 0; $i < $count; $i++) {
            $pivot = $i;
            for ($j = $i + 1; $j < $count; $j++) {
                $pivot = abs($rows[$j][$i]) > abs($rows[$pivot][$i]) ? $j : $pivot;
            }
            [$rows[$i], $rows[$pivot]] = [$rows[$pivot], $rows[$i]];
            abs($rows[$i][$i]) > 1e-10 || throw new UnusablePhoto('in-a-line');
            for ($j = 0; $j < $count; $j++) {
                $by = $j === $i ? 0.0 : $rows[$j][$i] / $rows[$i][$i];
                if ($by !== 0.0) {
                    $rows[$j] = array_map(fn (float $a, float $b) => $a - $by * $b, $rows[$j], $rows[$i]);
                }
            }
        }

        return array_map(fn (int $i) => $rows[$i][$count] / $rows[$i][$i], range(0, $count - 1));
    }

    /**
     * @param  list<float>  $a
     * @param  list<float>  $b
     */
    private static function product(array $a, array $b): float
    {
        return array_sum(array_map(fn (float $x, float $y) => $x * $y, $a, $b));
    }
}
