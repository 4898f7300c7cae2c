<?php

declare(strict_types=1);

namespace YokeLine\Holding\Scan;

/**
 * One part of a sweep: spikes taken for screws, the slow drift taken off, and what stands out of the rest.
 *
 * @phpstan-import-type Row from Trace
 *
 * @phpstan-type Thing array{from: float, to: float, height: float}
 */
final readonly class Signal
{
    private const DRIFT_MM = 155;

    private const SMOOTH_MM = 255;

    /**
     * @param  list<Thing>  $things
     * @param  list<float>  $screws
     */
    private function __construct(public array $things, public array $screws, public float $from, public float $to) {}

    /** @param  non-empty-list<Row>  $rows  ascending */
    public static function of(array $rows): self
    {
        $x = array_column($rows, 'x');
        $raw = array_column($rows, 'density');
        $differences = [];
        for ($i = 1; $i < count($raw); $i++) {
            $differences[] = abs($raw[$i] - $raw[$i - 1]);
        }
        $noise = self::median($differences) / 0.954;
        [$clean, $screws] = self::withoutSpikes($x, $raw, $noise);
        $step = max(0.5, ($x[count($x) - 1] - $x[0]) / max(1, count($x) - 1));
        $drift = self::drift($clean, $step);
        $level = array_map(fn (float $value, float $base) => $value - $base, $clean, $drift);

        return new self(self::things($x, $level, $noise), $screws, $x[0], $x[count($x) - 1]);
    }

    /** @param  list<float>  $values */
    public static function median(array $values): float
    {
        if ($values === []) {
            return 0.0;
        }
        sort($values);
        $n = count($values);

        return $n % 2 === 1 ? $values[intdiv($n, 2)] : ($values[$n / 2 - 1] + $values[$n / 2]) / 2;
    }

    /**
     * @param  list<float>  $x
     * @param  list<float>  $raw
     * @return array{list<float>, list<float>}
     */
    private static function withoutSpikes(array $x, array $raw, float $noise): array
    {
        $clean = $raw;
        $screws = [];
        for ($i = 2; $i < count($raw) - 2; $i++) {
            $median = self::median([$raw[$i - 2], $raw[$i - 1], $raw[$i + 1], $raw[$i + 2]]);
            $beside = max(12.0, 5 * $noise);
            if (
                abs($raw[$i] - $median) > max(18.0, 6 * $noise) &&
                abs($raw[$i] - $raw[$i - 1]) > $beside &&
                abs($raw[$i] - $raw[$i + 1]) > $beside
            ) {
                $clean[$i] = $median;
                $screws[] = $x[$i];
            }
        }

        return [array_values($clean), $screws];
    }

    /**
     * The running minimum, then maximum, then mean.
     *
     * @param  list<float>  $values
     * @return list<float>
     */
    private static function drift(array $values, float $step): array
    {
        $half = max(1, (int) round(self::DRIFT_MM / 2 / $step));
        $mean = max(1, (int) round(self::SMOOTH_MM / 2 / $step));
        $low = self::running($values, $half, -1);
        $high = self::running($low, $half, 1);
        $n = count($high);
        $sums = [0.0];
        foreach ($high as $value) {
            $sums[] = $sums[count($sums) - 1] + $value;
        }
        $smooth = [];
        for ($i = 0; $i < $n; $i++) {
            [$from, $to] = [max(0, $i - $mean), min($n, $i + $mean + 1)];
            $smooth[] = ($sums[$to] - $sums[$from]) / ($to - $from);
        }

        return $smooth;
    }

    /**
     * The least, or greatest, of what lies within $half rows, in one pass.
     *
     * @param  list<float>  $values
     * @param  1|-1  $sign
     * @return list<float>
     */
    private static function running(array $values, int $half, int $sign): array
    {
        $n = count($values);
        $found = [];
        $queue = [];
        $head = 0;
        for ($i = 0; $i < $n + $half; $i++) {
            if ($i < $n) {
                while (count($queue) > $head && $sign * $values[$queue[count($queue) - 1]] <= $sign * $values[$i]) {
                    array_pop($queue);
                }
                $queue[] = $i;
            }
            $at = $i - $half;
            if ($at >= 0) {
                while ($queue[$head] < $at - $half) {
                    $head++;
                }
                $found[] = $values[$queue[$head]];
            }
        }

        return $found;
    }

    /**
     * @param  list<float>  $x
     * @param  list<float>  $level
     * @return list<Thing>
     */
    private static function things(array $x, array $level, float $noise): array
    {
        [$on, $off] = [max(20.0, 5 * $noise), max(8.0, 2.5 * $noise)];
        $things = [];
        $n = count($level);
        for ($i = 0; $i < $n; $i++) {
            if ($level[$i] < $on) {
                continue;
            }
            $from = $to = $i;
            while ($from > 0 && $level[$from - 1] > $off) {
                $from--;
            }
            while ($to < $n - 1 && $level[$to + 1] > $off) {
                $to++;
            }
            $inside = array_slice($level, $from, $to - $from + 1);
            $height = self::plateau($inside);
            $things[] = [
                'from' => self::edge($x, $level, $from, $to, $height / 2, 1),
                'to' => self::edge($x, $level, $to, $from, $height / 2, -1),
                'height' => $height,
            ];
            $i = $to;
        }

        return $things;
    }

    /**
     * Its own height: the middle of its upper half, so that one high row does not move its edges.
     *
     * @param  list<float>  $inside
     */
    private static function plateau(array $inside): float
    {
        $top = $inside === [] ? 0.0 : max($inside);

        return self::median(array_values(array_filter($inside, fn (float $value) => $value >= 0.6 * $top)));
    }

    /**
     * Where the signal passes a level, going in from an end, straight between rows.
     *
     * @param  list<float>  $x
     * @param  list<float>  $level
     * @param  1|-1  $way
     */
    private static function edge(array $x, array $level, int $start, int $end, float $at, int $way): float
    {
        for ($i = $start; $i !== $end + $way; $i += $way) {
            if ($level[$i] >= $at) {
                $before = $i - $way;
                if (! isset($level[$before])) {
                    return $x[$i];
                }
                $part = ($at - $level[$before]) / max(1e-9, $level[$i] - $level[$before]);

                return $x[$before] + ($x[$i] - $x[$before]) * min(1.0, max(0.0, $part));
            }
        }

        return $x[$start];
    }
}
