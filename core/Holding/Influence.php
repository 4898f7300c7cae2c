<?php

declare(strict_types=1);

namespace YokeLine\Holding;

/**
 * What one support takes of a unit load, by the load's place: pieces of a cubic, straight past the outer supports.
 *
 * For a beam on rigid supports it is the shape the beam takes when that support alone is lifted by one
 * (Müller-Breslau): the natural cubic
 * spline through 1 there and 0 at the others. For a board on its studs it is the lever rule: straight between
 * neighbours.
 */
final readonly class Influence
{
    /**
     * @param  list<array{float, float, float, float, float}>  $parts  from, a, b, c, d: a + b u + c u² + d u³ with u
     * from `from`; ascending
     */
    private function __construct(private array $parts, public float $low, public float $high) {}

    /**
     * One for each support of a continuous beam.
     *
     * @param  list<float>  $supports  ascending, at least two
     * @param  float  $low  where the beam begins
     * @param  float  $high  where it ends
     * @return list<self>
     */
    public static function ofBeam(array $supports, float $low, float $high): array
    {
        $n = count($supports);
        $found = [];
        for ($j = 0; $j < $n; $j++) {
            $y = array_map(fn (int $i) => $i === $j ? 1.0 : 0.0, range(0, $n - 1));
            $found[] = self::through($supports, $y, self::curvatures($supports, $y), $low, $high);
        }

        return $found;
    }

    /**
     * @param  list<float>  $supports  ascending, at least two
     * @return list<self>
     */
    public static function ofLever(array $supports): array
    {
        $n = count($supports);
        $found = [];
        for ($j = 0; $j < $n; $j++) {
            $y = array_map(fn (int $i) => $i === $j ? 1.0 : 0.0, range(0, $n - 1));
            $found[] = self::through($supports, $y, array_map(fn () => 0.0, $supports), -INF, INF);
        }

        return $found;
    }

    /** @return list<float> where its pieces meet, and the ends of what it is for */
    public function breaks(): array
    {
        $breaks = array_map(fn (array $part) => $part[0], array_slice($this->parts, 1));

        return [
            ...is_finite($this->low) ? [$this->low] : [],
            ...$breaks,
            ...is_finite($this->high) ? [$this->high] : [],
        ];
    }

    /** What the support takes of a unit load at x. */
    public function at(float $x): float
    {
        $part = $this->partAt($x);
        if ($part === null) {
            return 0.0;
        }
        [$from, $a, $b, $c, $d] = $part;
        $u = $x - $from;

        return $a + $u * ($b + $u * ($c + $u * $d));
    }

    /**
     * The piece that holds at x; null past the ends.
     *
     * @return ?array{float, float, float, float, float}
     */
    public function partAt(float $x): ?array
    {
        if ($x < $this->low || $x > $this->high) {
            return null;
        }
        for ($i = count($this->parts) - 1; $i > 0; $i--) {
            if ($x >= $this->parts[$i][0]) {
                return $this->parts[$i];
            }
        }

        return $this->parts[0];
    }

    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     * @param  list<float>  $m  second derivatives
     */
    private static function through(array $x, array $y, array $m, float $low, float $high): self
    {
        $n = count($x);
        $parts = [];
        for ($i = 0; $i < $n - 1; $i++) {
            $h = $x[$i + 1] - $x[$i];
            $parts[] = [
                $x[$i],
                $y[$i],
                ($y[$i + 1] - $y[$i]) / $h - ($h * (2 * $m[$i] + $m[$i + 1])) / 6,
                $m[$i] / 2,
                ($m[$i + 1] - $m[$i]) / (6 * $h),
            ];
        }
        $last = $parts[$n - 2];
        $h = $x[$n - 1] - $x[$n - 2];
        // Straight on past the outer supports, with the slope there.
        $parts = [
            [$x[0], $y[0], $parts[0][2], 0.0, 0.0],
            ...$parts,
            [$x[$n - 1], $y[$n - 1], $last[2] + 2 * $last[3] * $h + 3 * $last[4] * $h * $h, 0.0, 0.0],
        ];

        return new self($parts, $low, $high);
    }

    /**
     * Second derivatives of the natural spline.
     *
     * @param  list<float>  $x
     * @param  list<float>  $y
     * @return list<float>
     */
    private static function curvatures(array $x, array $y): array
    {
        $n = count($x);
        $m = array_fill(0, $n, 0.0);
        $upper = $right = array_fill(0, $n, 0.0);
        for ($i = 1; $i < $n - 1; $i++) {
            [$before, $after] = [$x[$i] - $x[$i - 1], $x[$i + 1] - $x[$i]];
            $diagonal = 2 * ($before + $after) - $before * $upper[$i - 1];
            $upper[$i] = $after / $diagonal;
            $right[$i] =
                (6 * (($y[$i + 1] - $y[$i]) / $after - ($y[$i] - $y[$i - 1]) / $before) - $before * $right[$i - 1]) /
                $diagonal;
        }
        for ($i = $n - 2; $i > 0; $i--) {
            $m[$i] = $right[$i] - $upper[$i] * $m[$i + 1];
        }

        return array_values($m);
    }
}
