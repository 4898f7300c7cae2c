<?php

declare(strict_types=1);

namespace YokeLine\Anchoring;

/** How far a rail bends between its fixings, static, the rail alone: the greatest found over all places of one leaf. */
final readonly class Sag
{
    private const PLACES = 24;

    private const POINTS = 6;

    /**
     * @param  float  $greatest  mm, downwards
     * @param  float  $at  where along the wall
     * @param  float  $leftWheelAt  where the left wheel stands then
     * @param  float  $span  between the fixings there
     */
    private function __construct(public float $greatest, public float $at, public float $leftWheelAt, public float $span) {}

    public function limit(): float
    {
        return self::limitOver($this->span);
    }

    /** What a rail may bend over a span, mm. */
    public static function limitOver(float $span): float
    {
        return min(1.5, $span / 360);
    }

    public function isOver(): bool
    {
        return $this->greatest > $this->limit();
    }

    /**
     * @param  list<float>  $supports  ascending, at least two
     * @param  float  $stiffness  E I, N mm²
     */
    public static function of(array $supports, float $low, float $high, WheelRun $run, float $wheel, float $stiffness): ?self
    {
        $beam = new self(0.0, 0.0, 0.0, 0.0);
        $best = null;
        $step = ($run->to - $run->from) / self::PLACES;
        for ($i = 0; $i <= self::PLACES; $i++) {
            $best = $beam->better($best, $supports, $low, $high, $run, $wheel, $stiffness, $run->from + $i * $step);
        }
        // Nearer and nearer round the best place found.
        for ($round = 0; $round < 3 && $best !== null; $round++) {
            $step /= 4;
            $centre = $best->leftWheelAt;
            foreach ([-3, -2, -1, 1, 2, 3] as $i) {
                $s = $centre + $i * $step;
                if ($s >= $run->from && $s <= $run->to) {
                    $best = $beam->better($best, $supports, $low, $high, $run, $wheel, $stiffness, $s);
                }
            }
        }

        return $best;
    }

    /** @param  list<float>  $x */
    private function better(?self $best, array $x, float $low, float $high, WheelRun $run, float $wheel, float $stiffness, float $s): ?self
    {
        $loads = array_values(array_filter([$s, $s + $run->spacing], fn (float $at) => $at >= $low && $at <= $high));
        if ($loads === []) {
            return $best;
        }
        $moments = self::moments($x, $loads, $wheel);
        $n = count($x);
        for ($k = 0; $k < $n - 1; $k++) {
            $l = $x[$k + 1] - $x[$k];
            $inside = array_values(array_filter($loads, fn (float $at) => $at > $x[$k] && $at < $x[$k + 1]));
            if ($inside === [] && $moments[$k] <= 0 && $moments[$k + 1] <= 0) {
                continue;
            }
            $at = fn (float $u) => self::inSpan($u, $l, $moments[$k], $moments[$k + 1], array_map(fn (float $p) => $p - $x[$k], $inside), $wheel) / $stiffness;
            $top = 0.0;
            $where = 0.0;
            for ($i = 1; $i < self::POINTS; $i++) {
                $w = $at($i * $l / self::POINTS);
                if ($w > $top) {
                    [$top, $where] = [$w, $i * $l / self::POINTS];
                }
            }
            if ($top > ($best->greatest ?? 0.0) * 0.97) {
                [$top, $where] = self::top($at, $where, $l / self::POINTS);
                if ($best === null || $top > $best->greatest) {
                    $best = new self($top, $x[$k] + $where, $s, $l);
                }
            }
        }
        foreach ([[$loads[0], $x[0], $x[1], $moments[0], $moments[1]], [$loads[count($loads) - 1], $x[$n - 1], $x[$n - 2], $moments[$n - 1], $moments[$n - 2]]] as [$load, $end, $next, $atEnd, $atNext]) {
            $out = $end < $next ? $end - $load : $load - $end;
            if ($out > 0) {
                $l = abs($next - $end);
                $inside = array_map(fn (float $at) => abs($at - $end), array_values(array_filter($loads, fn (float $at) => $at > min($end, $next) && $at < max($end, $next))));
                // Slope at the last fixing, from the span inside it, carried out; and the free end's own bending.
                $slope = self::inSpan(1e-3, $l, $atEnd, $atNext, $inside, $wheel) / 1e-3;
                $w = (-$slope * $out + $wheel * $out ** 3 / 3) / $stiffness;
                if ($best === null || $w > $best->greatest) {
                    $best = new self($w, $load, $s, $out);
                }
            }
        }

        return $best;
    }

    /**
     * Support moments, sagging positive, by the theorem of three moments.
     *
     * @param  list<float>  $x
     * @param  list<float>  $loads
     * @return list<float>
     */
    private static function moments(array $x, array $loads, float $wheel): array
    {
        $n = count($x);
        $m = array_fill(0, $n, 0.0);
        $right = array_fill(0, $n, 0.0);
        foreach ($loads as $at) {
            if ($at <= $x[0]) {
                $m[0] -= $wheel * ($x[0] - $at);
            } elseif ($at >= $x[$n - 1]) {
                $m[$n - 1] -= $wheel * ($at - $x[$n - 1]);
            } else {
                for ($k = 0; $at > $x[$k + 1]; $k++);
                $l = $x[$k + 1] - $x[$k];
                [$a, $b] = [$at - $x[$k], $x[$k + 1] - $at];
                $right[$k + 1] -= $wheel * $a * ($l * $l - $a * $a) / $l;
                $right[$k] -= $wheel * $b * ($l * $l - $b * $b) / $l;
            }
        }
        $upper = $value = array_fill(0, $n, 0.0);
        for ($i = 1; $i < $n - 1; $i++) {
            [$before, $after] = [$x[$i] - $x[$i - 1], $x[$i + 1] - $x[$i]];
            $known = $right[$i] - ($i === 1 ? $before * $m[0] : 0.0) - ($i === $n - 2 ? $after * $m[$n - 1] : 0.0);
            $diagonal = 2 * ($before + $after) - ($i === 1 ? 0.0 : $before * $upper[$i - 1]);
            $upper[$i] = $after / $diagonal;
            $value[$i] = ($known - ($i === 1 ? 0.0 : $before * $value[$i - 1])) / $diagonal;
        }
        for ($i = $n - 2; $i > 0; $i--) {
            $m[$i] = $value[$i] - ($i === $n - 2 ? 0.0 : $upper[$i] * $m[$i + 1]);
        }

        return array_values($m);
    }

    /**
     * E I times the deflection at u of a span.
     *
     * @param  list<float>  $loads  from its left end
     */
    private static function inSpan(float $u, float $l, float $left, float $right, array $loads, float $wheel): float
    {
        $w = $left * $u * ($l - $u) * (2 * $l - $u) / (6 * $l) + $right * $u * ($l - $u) * ($l + $u) / (6 * $l);
        foreach ($loads as $a) {
            $b = $l - $a;
            $w += $u <= $a ? $wheel * $b * $u * ($l * $l - $b * $b - $u * $u) / (6 * $l) : $wheel * $a * ($l - $u) * (2 * $l * $u - $u * $u - $a * $a) / (6 * $l);
        }

        return $w;
    }

    /**
     * @param  callable(float): float  $at
     * @return array{float, float} the top near $where, and its place
     */
    private static function top(callable $at, float $where, float $step): array
    {
        for ($round = 0; $round < 12; $round++) {
            $step *= 0.6;
            foreach ([$where - $step, $where + $step] as $other) {
                if ($at($other) > $at($where)) {
                    $where = $other;
                }
            }
        }

        return [$at($where), $where];
    }
}
