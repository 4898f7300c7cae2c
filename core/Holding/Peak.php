<?php

declare(strict_types=1);

namespace YokeLine\Holding;

/**
 * The greatest and the least that a support takes while leaves run, N, and where the left wheels stand at the greatest.
 */
final readonly class Peak
{
    /** @param  list<float>  $leftWheelAt  one for each leaf */
    public function __construct(public float $max, public float $min, public array $leftWheelAt) {}

    public static function none(): self
    {
        return new self(0.0, 0.0, []);
    }

    /** Leaves run each by itself: the envelope of both is the sum of theirs. */
    public function plus(self $other): self
    {
        return new self($this->max + $other->max, $this->min + $other->min, [
            ...$this->leftWheelAt,
            ...$other->leftWheelAt,
        ]);
    }

    /** Under so many times the load. */
    public function times(float $by): self
    {
        return new self($this->max * $by, $this->min * $by, $this->leftWheelAt);
    }

    /** What it is worked with, up or down. */
    public function demand(): float
    {
        return max($this->max, -$this->min);
    }

    /**
     * Whichever of its wheels bear.
     *
     * @param  float  $hung  what hangs on the leaf's wheels, N
     */
    public static function of(Influence $influence, WheelRun $run, float $hung): self
    {
        $peaks = array_map(fn (array $wheels) => self::under($influence, $run, $wheels, $hung), $run->cases);

        return array_reduce($peaks, fn (?self $worst, self $peak) => $worst?->or($peak) ?? $peak) ?? self::none();
    }

    /** Whichever of two comes. */
    private function or(self $other): self
    {
        return new self(
            max($this->max, $other->max),
            min($this->min, $other->min),
            $other->max > $this->max + 1e-9 ? $other->leftWheelAt : $this->leftWheelAt,
        );
    }

    /**
     * Exact: the reaction is a cubic between places where a wheel passes a support or an end, so its peaks are there or
     * where its derivative is nought.
     *
     * @param  list<array{float, float}>  $wheels
     */
    private static function under(Influence $influence, WheelRun $run, array $wheels, float $hung): self
    {
        $breaks = [$run->from, $run->to];
        foreach ($influence->breaks() as $x) {
            foreach ($wheels as [$offset]) {
                $s = $x - $offset;
                if ($s > $run->from && $s < $run->to) {
                    $breaks[] = $s;
                }
            }
        }
        sort($breaks);
        [$max, $min, $at] = [-INF, INF, $run->from];
        $last = count($breaks) - 1;
        for ($i = 0; $i < max(1, $last); $i++) {
            [$from, $to] = [$breaks[$i], $breaks[min($last, $i + 1)]];
            $cubic = self::sum($influence, $wheels, ($from + $to) / 2, $from);
            foreach ([0.0, $to - $from, ...self::turns($cubic, $to - $from)] as $u) {
                $reaction = $hung * ($cubic[0] + $u * ($cubic[1] + $u * ($cubic[2] + $u * $cubic[3])));
                if ($reaction > $max + 1e-9) {
                    [$max, $at] = [$reaction, $from + $u];
                }
                $min = min($min, $reaction);
            }
        }

        return new self($max, $min, [$at]);
    }

    /**
     * The wheels' cubics in u = s - $origin, of the pieces they stand on while the left one is near $near.
     *
     * @param  list<array{float, float}>  $wheels
     * @return array{float, float, float, float}
     */
    private static function sum(Influence $influence, array $wheels, float $near, float $origin): array
    {
        $sum = [0.0, 0.0, 0.0, 0.0];
        foreach ($wheels as [$offset, $share]) {
            $part = $influence->partAt($near + $offset);
            if ($part !== null) {
                [$from, $a, $b, $c, $d] = $part;
                $v = $origin + $offset - $from;
                $sum[0] += $share * ($a + $v * ($b + $v * ($c + $v * $d)));
                $sum[1] += $share * ($b + $v * (2 * $c + 3 * $d * $v));
                $sum[2] += $share * ($c + 3 * $d * $v);
                $sum[3] += $share * $d;
            }
        }

        return $sum;
    }

    /**
     * @param  array{float, float, float, float}  $cubic
     * @return list<float> where its derivative is nought, inside
     */
    private static function turns(array $cubic, float $to): array
    {
        [, $b, $c, $d] = $cubic;
        if (abs($d) < 1e-18) {
            $roots = abs($c) < 1e-15 ? [] : [-$b / (2 * $c)];
        } else {
            $under = $c * $c - 3 * $b * $d;
            $roots = $under < 0 ? [] : [(-$c + sqrt($under)) / (3 * $d), (-$c - sqrt($under)) / (3 * $d)];
        }

        return array_values(array_filter($roots, fn (float $u) => $u > 0 && $u < $to));
    }
}
