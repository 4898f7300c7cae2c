<?php

declare(strict_types=1);

namespace YokeLine\Survey;

/** A projective map of the plane. */
final readonly class Matrix3
{
    /** @param  list<float>  $of  nine, row by row */
    public function __construct(public array $of) {}

    /**
     * Moves points so that their middle is 0 and they lie √2 from it on the mean: then small and large numbers do not
     * drown each other.
     *
     * @param  list<array{float, float}>  $points
     */
    public static function normalising(array $points): self
    {
        $middle = [
            array_sum(array_column($points, 0)) / count($points),
            array_sum(array_column($points, 1)) / count($points),
        ];
        $mean =
            array_sum(array_map(fn (array $at) => hypot($at[0] - $middle[0], $at[1] - $middle[1]), $points)) /
            count($points);
        $scale = $mean > 0.0 ? M_SQRT2 / $mean : 1.0;

        return new self([$scale, 0.0, -$scale * $middle[0], 0.0, $scale, -$scale * $middle[1], 0.0, 0.0, 1.0]);
    }

    public function times(self $other): self
    {
        $of = [];
        foreach ([0, 3, 6] as $row) {
            foreach ([0, 1, 2] as $column) {
                $of[] =
                    $this->of[$row] * $other->of[$column] +
                    $this->of[$row + 1] * $other->of[$column + 3] +
                    $this->of[$row + 2] * $other->of[$column + 6];
            }
        }

        return new self($of);
    }

    /** @throws UnusablePhoto where it has none */
    public function inverse(): self
    {
        [$a, $b, $c, $d, $e, $f, $g, $h, $i] = $this->of;
        $determinant = $this->determinant();
        abs($determinant) > 1e-12 || throw new UnusablePhoto('in-a-line');

        return new self(
            array_map(
                fn (float $cofactor) => $cofactor / $determinant,
                [
                    $e * $i - $f * $h,
                    $c * $h - $b * $i,
                    $b * $f - $c * $e,
                    $f * $g - $d * $i,
                    $a * $i - $c * $g,
                    $c * $d - $a * $f,
                    $d * $h - $e * $g,
                    $b * $g - $a * $h,
                    $a * $e - $b * $d,
                ],
            ),
        );
    }

    /** @return array{float, float} */
    public function map(float $x, float $y): array
    {
        [$a, $b, $c, $d, $e, $f] = $this->of;
        $w = $this->depth($x, $y);

        return [($a * $x + $b * $y + $c) / $w, ($d * $x + $e * $y + $f) / $w];
    }

    /**
     * Whether a point of a picture shows the front of what it is mapped to: heights, which count downwards in the
     * picture, count up there, and it lies before the horizon.
     */
    public function faces(float $x, float $y): bool
    {
        return $this->determinant() * $this->depth($x, $y) < 0.0;
    }

    private function depth(float $x, float $y): float
    {
        return $this->of[6] * $x + $this->of[7] * $y + $this->of[8];
    }

    private function determinant(): float
    {
        [$a, $b, $c, $d, $e, $f, $g, $h, $i] = $this->of;

        return $a * ($e * $i - $f * $h) - $b * ($d * $i - $f * $g) + $c * ($d * $h - $e * $g);
    }
}
