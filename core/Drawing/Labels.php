<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

/** Puts labels along a line so that none overlaps another, each as near to its mark as that allows. */
final class Labels
{
    /**
     * Least squares under the order and the room each label takes: neighbours that would overlap are pooled and centred
     * together.
     *
     * @param  list<float>  $wanted  centres, ascending
     * @param  list<float>  $sizes  the room each takes along the line
     * @param  ?float  $from  where the first may begin at the earliest
     * @param  ?float  $to  where the last may end at the latest; `$from` goes before it
     * @return list<float> centres, none nearer than half of both sizes
     */
    public static function spread(array $wanted, array $sizes, ?float $from = null, ?float $to = null): array
    {
        /**
         * @var list<array{from: int, to: int, offset: float, weight: int}> $pools each: labels from..to, and the mean
         * of where its first one would like to start
         */
        $pools = [];
        foreach ($wanted as $i => $centre) {
            $pools[] = ['from' => $i, 'to' => $i, 'offset' => $centre - $sizes[$i] / 2, 'weight' => 1];
            while (count($pools) > 1) {
                $last = $pools[count($pools) - 1];
                $before = $pools[count($pools) - 2];
                $length = array_sum(array_slice($sizes, $before['from'], $before['to'] - $before['from'] + 1));
                if ($last['offset'] >= $before['offset'] + $length) {
                    break;
                }
                $weight = $before['weight'] + $last['weight'];
                $start =
                    ($before['offset'] * $before['weight'] + ($last['offset'] - $length) * $last['weight']) / $weight;
                array_splice($pools, -2, 2, [
                    ['from' => $before['from'], 'to' => $last['to'], 'offset' => $start, 'weight' => $weight],
                ]);
            }
        }
        $centres = [];
        $at = $from ?? -INF;
        foreach ($pools as $pool) {
            $at = max($at, $pool['offset']);
            for ($i = $pool['from']; $i <= $pool['to']; $i++) {
                $centres[] = $at + $sizes[$i] / 2;
                $at += $sizes[$i];
            }
        }

        return $to === null ? $centres : self::keptBefore($to, $from, $centres, $sizes);
    }

    /**
     * Moved back, as little as must be, from the end.
     *
     * @param  list<float>  $centres
     * @param  list<float>  $sizes
     * @return list<float>
     */
    private static function keptBefore(float $to, ?float $from, array $centres, array $sizes): array
    {
        $end = max($to, ($from ?? -INF) + array_sum($sizes));
        for ($i = count($centres) - 1; $i >= 0; $i--) {
            $centres[$i] = min($centres[$i], $end - $sizes[$i] / 2);
            $end = $centres[$i] - $sizes[$i] / 2;
        }

        return array_values($centres);
    }

    /** What words take along their line, set in the face for words. */
    public static function said(string $words, float $size): float
    {
        return mb_strlen($words) * $size * 0.516;
    }

    /** What a text takes along its line; the numbers are set in a face of one width. */
    public static function width(string $text, float $size): float
    {
        return mb_strlen($text) * $size * 0.62;
    }
}
