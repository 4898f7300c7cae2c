<?php

declare(strict_types=1);

namespace YokeLine\Holding\Scan;

/** Where a field is felt along the wall: 50 either side of its mean, where a third of the sweeps show it. */
final class LiveZones
{
    private const ROWS = 5;

    private const TOGETHER_MM = 60.0;

    /** @return list<array{float, float}> */
    public static function of(Trace $trace, float $apart): array
    {
        $runs = [];
        $whole = [];
        foreach ($trace->sweeps as $n => $sweep) {
            foreach ($sweep->parts as $part) {
                if ($part === []) {
                    continue;
                }
                $smooth = self::smooth(array_column($part, 'ac'));
                $median = Signal::median($smooth);
                $deviation = Signal::median(array_map(fn (float $value) => abs($value - $median), $smooth));
                $over = $median + max(8.0, 8 * $deviation);
                $high = array_map(fn (float $value) => $value > $over, $smooth);
                if (count(array_filter($high)) > 0.4 * count($high)) {
                    $whole[] = [$part[0]['x'], $part[count($part) - 1]['x']];

                    continue;
                }
                $from = null;
                foreach ([...$high, false] as $i => $is) {
                    if ($is && $from === null) {
                        $from = $i;
                    } elseif (! $is && $from !== null) {
                        $runs[] = [
                            'x' => self::middle($part, $smooth, $from, $i - 1, $median),
                            'height' => max(1.0, $sweep->height),
                            'sweep' => $n,
                        ];
                        $from = null;
                    }
                }
            }
        }

        return [...self::merged($runs, count($trace->sweeps), $apart), ...$whole];
    }

    /**
     * @param  list<float>  $values
     * @return list<float>
     */
    private static function smooth(array $values): array
    {
        $half = intdiv(self::ROWS, 2);
        $smooth = [];
        foreach (array_keys($values) as $i) {
            $near = array_slice($values, max(0, $i - $half), min(count($values), $i + $half + 1) - max(0, $i - $half));
            $smooth[] = array_sum($near) / max(1, count($near));
        }

        return $smooth;
    }

    /**
     * Where a run is centred, by how strong it is.
     *
     * @param  non-empty-list<array{x: float, density: float, ac: float}>  $part
     * @param  list<float>  $smooth
     */
    private static function middle(array $part, array $smooth, int $from, int $to, float $median): float
    {
        $weight = $sum = 0.0;
        for ($i = $from; $i <= $to; $i++) {
            $w = max(1e-6, $smooth[$i] - $median);
            $weight += $w;
            $sum += $w * $part[$i]['x'];
        }

        return $sum / $weight;
    }

    /**
     * @param  list<array{x: float, height: float, sweep: int}>  $runs
     * @return list<array{float, float}>
     */
    private static function merged(array $runs, int $sweeps, float $apart): array
    {
        usort($runs, fn (array $a, array $b) => $a['x'] <=> $b['x']);
        $groups = [];
        foreach ($runs as $run) {
            $last = count($groups) - 1;
            if ($last >= 0 && $run['x'] - $groups[$last][count($groups[$last]) - 1]['x'] <= self::TOGETHER_MM) {
                $groups[$last][] = $run;
            } else {
                $groups[] = [$run];
            }
        }
        $zones = [];
        foreach ($groups as $group) {
            if (3 * count(array_unique(array_column($group, 'sweep'))) >= $sweeps) {
                $weight = array_sum(array_column($group, 'height'));
                $mean = array_sum(array_map(fn (array $run) => $run['x'] * $run['height'], $group)) / $weight;
                $zones[] = [$mean - $apart, $mean + $apart];
            }
        }

        return $zones;
    }
}
