<?php

declare(strict_types=1);

namespace YokeLine\Holding\Scan;

use YokeLine\Holding\Holding;

/**
 * What the sweeps of a wall say is in it: studs with how sure that is, pipes, live zones, the grid and where to look
 * again.
 */
final readonly class Scan
{
    private const TOGETHER_MM = 20.0;

    private const LAG_MM = 3.0;

    private const JAMB_MM = 25.0;

    /**
     * @param  list<FoundStud>  $studs
     * @param  list<FoundStud>  $others  pipes, screw lines, and solids that nobody knows
     * @param  list<array{float, float}>  $zones  live
     */
    private function __construct(public array $studs, public array $others, public array $zones, public ?Grid $grid) {}

    /**
     * @param  ?array{float, float}  $opening  from jamb to jamb
     * @param  array{float, float}  $wall
     */
    public static function of(Trace $trace, ?array $opening, array $wall): self
    {
        $seen = $screws = [];
        foreach ($trace->sweeps as $n => $sweep) {
            foreach ($sweep->parts as $part) {
                if ($part === []) {
                    continue;
                }
                $signal = Signal::of($part);
                foreach ($signal->things as $thing) {
                    $seen[] = self::observed($thing, $signal, $sweep, $n, $opening);
                }
                foreach ($signal->screws as $x) {
                    $screws[] = $x;
                }
            }
        }
        $heights = array_values(array_unique(array_map(fn (Sweep $sweep) => $sweep->height, $trace->sweeps)));
        $both = count(array_unique(array_map(fn (Sweep $sweep) => $sweep->forward, $trace->sweeps))) > 1;
        $studs = $others = [];
        foreach (self::together($seen) as $things) {
            $found = self::stud($things, $screws, count($heights), $both, $opening, $wall);
            if ($found === null) {
                continue;
            }
            $found->isStud() ? ($studs[] = $found) : ($others[] = $found);
        }
        $grid = Grid::of($studs, $opening);
        $studs = array_map(fn (FoundStud $stud) => self::onGrid($stud, $grid, $both, $opening), $studs);

        return new self($studs, $others, LiveZones::of($trace, (float) Holding::ZONE_MM), $grid);
    }

    /**
     * @param  array{from: float, to: float, height: float}  $thing
     * @param  ?array{float, float}  $opening
     * @return array{from: float, to: float, forward: bool, height: float, sweep: int}
     */
    private static function observed(array $thing, Signal $signal, Sweep $sweep, int $n, ?array $opening): array
    {
        [$from, $to] = [$thing['from'], $thing['to']];
        // A trace that ends at a jamb ends with what stands at the jamb.
        foreach ($opening ?? [] as $jamb) {
            if (abs($signal->to - $jamb) <= self::JAMB_MM && $to >= $signal->to - 6) {
                $to = $jamb + self::lag($sweep);
            }
            if (abs($signal->from - $jamb) <= self::JAMB_MM && $from <= $signal->from + 6) {
                $from = $jamb + self::lag($sweep);
            }
        }

        return ['from' => $from, 'to' => $to, 'forward' => $sweep->forward, 'height' => $sweep->height, 'sweep' => $n];
    }

    /** By how much a head is late in the direction it moves, on the whole. */
    private static function lag(Sweep $sweep): float
    {
        return $sweep->forward ? self::LAG_MM : -self::LAG_MM;
    }

    /**
     * @param  list<array{from: float, to: float, forward: bool, height: float, sweep: int}>  $seen
     * @return list<non-empty-list<array{from: float, to: float, forward: bool, height: float, sweep: int}>>
     */
    private static function together(array $seen): array
    {
        usort($seen, fn (array $a, array $b) => $a['from'] + $a['to'] <=> $b['from'] + $b['to']);
        $groups = [];
        foreach ($seen as $thing) {
            $group = array_pop($groups) ?? [];
            $mean =
                $group === []
                    ? -INF
                    : array_sum(array_map(fn (array $one) => ($one['from'] + $one['to']) / 2, $group)) / count($group);
            if (($thing['from'] + $thing['to']) / 2 - $mean <= self::TOGETHER_MM) {
                $groups[] = [...$group, $thing];
            } else {
                array_push($groups, ...$group === [] ? [] : [$group], ...[[$thing]]);
            }
        }

        return $groups;
    }

    /**
     * @param  non-empty-list<array{from: float, to: float, forward: bool, height: float, sweep: int}>  $things
     * @param  list<float>  $screws
     * @param  ?array{float, float}  $opening
     * @param  array{float, float}  $wall
     */
    private static function stud(
        array $things,
        array $screws,
        int $heights,
        bool $both,
        ?array $opening,
        array $wall,
    ): ?FoundStud {
        $at = array_unique(array_column($things, 'height'));
        if (2 * count($at) <= $heights) {
            return null;
        }
        $x = self::centre($things);
        $width = Signal::median(array_map(fn (array $thing) => $thing['to'] - $thing['from'], $things));
        $edges = [$x - $width / 2, $x + $width / 2];
        $jambs = [...$opening ?? [], ...$wall];
        $isAtJamb = fn (float $edge) => array_filter($jambs, fn (float $jamb) => abs($edge - $jamb) <= self::JAMB_MM);
        $atJamb = array_filter($edges, fn (float $edge) => $isAtJamb($edge) !== []) !== [];
        $kind = match (true) {
            $width >= 34 && $width <= 60 => 'stud',
            $width >= 66 && $width <= 104 && $atJamb => 'double',
            $width < 34 => 'pipe',
            default => 'unknown',
        };
        $places = array_map(
            fn (float $height) => self::centre(
                array_values(array_filter($things, fn (array $thing) => $thing['height'] === $height)),
            ),
            array_values($at),
        );
        $agree = max($places) - min($places) <= 2.0 * (count($places) > 1 ? 1.5 : 1);
        $ways = count(array_unique(array_column($things, 'forward'))) > 1;
        $confidence =
            0.6 +
            (count($at) === $heights ? 0.12 : -0.15) +
            ($ways ? 0.1 : 0) +
            (array_filter($screws, fn (float $screw) => abs($screw - $x) <= $width / 2 + 4) !== [] ? 0.06 : 0) +
            ($agree ? 0.12 : 0);

        return new FoundStud($x, $width, $kind, $confidence);
    }

    /**
     * The mean of the two directions, as the head lags in both.
     *
     * @param  list<array{from: float, to: float, forward: bool, height: float, sweep: int}>  $things
     */
    private static function centre(array $things): float
    {
        $means = [];
        foreach ([true, false] as $forward) {
            $centres = array_map(
                fn (array $thing) => ($thing['from'] + $thing['to']) / 2,
                array_values(array_filter($things, fn (array $thing) => $thing['forward'] === $forward)),
            );
            if ($centres !== []) {
                $means[] = [Signal::median($centres), $forward];
            }
        }

        return match (count($means)) {
            0 => NAN,
            1 => $means[0][0] - ($means[0][1] ? self::LAG_MM : -self::LAG_MM),
            default => ($means[0][0] + $means[1][0]) / 2,
        };
    }

    /** @param  ?array{float, float}  $opening */
    private static function onGrid(FoundStud $stud, ?Grid $grid, bool $both, ?array $opening): FoundStud
    {
        $atJamb = $opening !== null && (abs($stud->x - $opening[0]) <= 60 || abs($stud->x - $opening[1]) <= 60);
        $off = $grid !== null && ! $atJamb && ! $grid->has($stud->x);
        $confidence = $stud->confidence + ($grid === null || $atJamb ? 0.0 : ($off ? -0.05 : 0.08));

        return new FoundStud($stud->x, $stud->width, $stud->kind, min($both ? 0.99 : 0.8, $confidence), $off);
    }
}
