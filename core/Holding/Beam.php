<?php

declare(strict_types=1);

namespace YokeLine\Holding;

/** A rail on rigid supports under loads: where it bends most, span by span. Lengths in mm, forces in N. */
final readonly class Beam
{
    /**
     * @param  list<float>  $supports  ascending, at least two
     * @param  float  $stiffness  E I, N mm²
     */
    public function __construct(private array $supports, private float $stiffness) {}

    /**
     * The greatest bend of each span that bends down, and of each end that goes on under a load.
     *
     * @param  list<array{float, float}>  $loads  where they stand, ascending, and what they weigh, N
     * @return list<array{float, float, float, bool}> how far, where, over what span, whether past the last support
     */
    public function bends(array $loads): array
    {
        if ($loads === []) {
            return [];
        }
        $x = $this->supports;
        $last = count($x) - 1;
        $moments = $this->moments($loads);
        $found = [];
        for ($k = 0; $k < $last; $k++) {
            $l = $x[$k + 1] - $x[$k];
            $inside = array_values(
                array_filter($loads, fn (array $load) => $load[0] > $x[$k] && $load[0] < $x[$k + 1]),
            );
            [$bend, $at] = $this->topOfSpan(
                $l,
                $moments[$k],
                $moments[$k + 1],
                array_map(fn (array $load) => [$load[0] - $x[$k], $load[1]], $inside),
            );
            if ($bend > 0) {
                $found[] = [$bend, $x[$k] + $at, $l, false];
            }
        }
        foreach ([[0, 1, -1], [$last, $last - 1, 1]] as [$end, $next, $way]) {
            $out = array_map(fn (array $load) => [($load[0] - $x[$end]) * $way, $load[1]], $loads);
            $past = array_values(array_filter($out, fn (array $load) => $load[0] > 0));
            if ($past !== []) {
                [$bend, $at] = $this->topPast($past, $this->slopeAt($end, $next, $moments, $loads));
                if ($bend > 0) {
                    $found[] = [$bend, $x[$end] + $way * $at, max(array_column($past, 0)), true];
                }
            }
        }

        return $found;
    }

    /**
     * Support moments, sagging positive, by the theorem of three moments.
     *
     * @param  list<array{float, float}>  $loads
     * @return list<float>
     */
    private function moments(array $loads): array
    {
        $x = $this->supports;
        $n = count($x);
        $m = array_fill(0, $n, 0.0);
        $right = array_fill(0, $n, 0.0);
        foreach ($loads as [$at, $load]) {
            if ($at <= $x[0]) {
                $m[0] -= $load * ($x[0] - $at);
            } elseif ($at >= $x[$n - 1]) {
                $m[$n - 1] -= $load * ($at - $x[$n - 1]);
            } else {
                for ($k = 0; $at > $x[$k + 1]; $k++);
                $l = $x[$k + 1] - $x[$k];
                [$a, $b] = [$at - $x[$k], $x[$k + 1] - $at];
                $right[$k + 1] -= ($load * $a * ($l * $l - $a * $a)) / $l;
                $right[$k] -= ($load * $b * ($l * $l - $b * $b)) / $l;
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
     * E I w in a span, as a cubic in u on each stretch between its loads: u (c1 + c2 u + c3 u²) and (u - a)³ for each
     * load passed.
     *
     * @param  list<array{float, float}>  $loads  from its left end, ascending
     * @return array{float, float} the greatest bend and its place
     */
    private function topOfSpan(float $l, float $left, float $right, array $loads): array
    {
        // Bending moment M(u) = left + s u - sum P (u - a); E I w'' = -M, w = 0 at both ends.
        $s = ($right - $left) / $l;
        foreach ($loads as [$a, $load]) {
            $s += ($load * ($l - $a)) / $l;
        }
        $atEnd = (-$left * $l * $l) / 2 - ($s * $l ** 3) / 6;
        foreach ($loads as [$a, $load]) {
            $atEnd += ($load * ($l - $a) ** 3) / 6;
        }
        $slope = -$atEnd / $l;
        $best = [0.0, 0.0];
        $from = 0.0;
        // w = d0 + d1 u + d2 u² + d3 u³ on the stretch.
        $d = [0.0, $slope, -$left / 2, -$s / 6];
        foreach ([...$loads, [$l, 0.0]] as [$to, $load]) {
            foreach (self::turns($d[1], 2 * $d[2], 3 * $d[3], $from, $to) as $u) {
                $w = $d[0] + $u * ($d[1] + $u * ($d[2] + $u * $d[3]));
                if ($w > $best[0]) {
                    $best = [$w, $u];
                }
            }
            $p = $load / 6;
            $d = [$d[0] - $p * $to ** 3, $d[1] + 3 * $p * $to ** 2, $d[2] - 3 * $p * $to, $d[3] + $p];
            $from = $to;
        }

        return [$best[0] / $this->stiffness, $best[1]];
    }

    /**
     * Past the last support the rail goes on with the slope it has there, and bends of itself under each load.
     *
     * @param  non-empty-list<array{float, float}>  $loads  out from the support
     * @param  float  $slope  E I times it, down and out
     * @return array{float, float} the bend under the outermost wheel, and its place out from the support
     */
    private function topPast(array $loads, float $slope): array
    {
        // It bends down ever faster: the outermost wheel stands lowest.
        $v = max(array_column($loads, 0));
        $w = $slope * $v;
        foreach ($loads as [$a, $load]) {
            $w += ($load * $a * $a * (3 * $v - $a)) / 6;
        }

        return [$w / $this->stiffness, $v];
    }

    /**
     * E I times the slope at an outer support, positive where the rail past it goes down.
     *
     * @param  list<float>  $moments
     * @param  list<array{float, float}>  $loads
     */
    private function slopeAt(int $end, int $next, array $moments, array $loads): float
    {
        $x = $this->supports;
        $l = abs($x[$next] - $x[$end]);
        $inwards = (($moments[$end] * 2 + $moments[$next]) * $l) / 6;
        foreach ($loads as [$at, $load]) {
            $a = abs($at - $x[$end]);
            if ($at > min($x[$end], $x[$next]) && $at < max($x[$end], $x[$next])) {
                $inwards += ($load * $a * ($l - $a) * (2 * $l - $a)) / (6 * $l);
            }
        }

        return -$inwards;
    }

    /** @return list<float> where a + b u + c u² is nought from $from to $to, and both of these */
    private static function turns(float $a, float $b, float $c, float $from, float $to): array
    {
        if (abs($c) < 1e-30) {
            $roots = abs($b) < 1e-30 ? [] : [-$a / $b];
        } else {
            $under = $b * $b - 4 * $a * $c;
            $roots = $under < 0 ? [] : [(-$b + sqrt($under)) / (2 * $c), (-$b - sqrt($under)) / (2 * $c)];
        }

        return [$from, ...array_filter($roots, fn (float $u) => $u > $from && $u < $to), $to];
    }
}
