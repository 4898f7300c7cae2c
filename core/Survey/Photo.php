<?php

declare(strict_types=1);

namespace YokeLine\Survey;

use YokeLine\Measure\Length;

/**
 * What is where on a wall, read off a photograph of it: the projective map from the picture to the plane of the wall,
 * found from points of which both places are known.
 *
 * Four points give it exactly. More give it by least squares of what they are off in the picture (Hartley and
 * Zisserman, Multiple View Geometry, 4.1 and 4.4: normalised direct linear transform, then Gauss-Newton), and tell how
 * far they are off. It holds for the plane of the points alone, not for what stands out of it; the bending of a lens
 * is not taken out, and shows in what they are off.
 */
final readonly class Photo
{
    /** How far from what is meant a finger taps, in points of a picture that is shown 1000 wide: three. */
    private const TAP = 0.003;

    private const STEPS = 12;

    /** How far from a line four points must be: in widths of the picture, and in metres of the wall. */
    private const APART = 0.02;

    /**
     * @param  Matrix3  $toWall  from the picture, in its own width, to the wall in mm with heights upwards
     * @param  float  $off  root mean square of what the points are off on the wall, mm; 0 of four
     * @param  int  $points  from how many
     */
    private function __construct(public Matrix3 $toWall, public float $off, public int $points) {}

    /**
     * @param  list<PhotoPoint>  $points  four to twelve, no three of four in a line
     *
     * @throws UnusablePhoto where they do not tell a plane
     */
    public static function of(array $points): self
    {
        if (count($points) < 4) {
            throw new UnusablePhoto('too-few');
        }
        self::mustSpread($points);
        $picture = Matrix3::normalising(array_map(fn (PhotoPoint $point) => [$point->across, $point->down], $points));
        $wall = Matrix3::normalising(
            array_map(fn (PhotoPoint $point) => [$point->x->toMm(), $point->y->toMm()], $points),
        );
        $pairs = array_map(
            fn (PhotoPoint $point) => [
                $picture->map($point->across, $point->down),
                $wall->map($point->x->toMm(), $point->y->toMm()),
            ],
            $points,
        );
        $toPicture = self::fitted($pairs);
        $toWall = $wall->inverse()->times($toPicture->inverse())->times($picture);
        self::mustFaceIt($toWall, $points);

        return new self($toWall, self::offOf($toWall, $points), count($points));
    }

    /**
     * Where on the wall a point of the picture is.
     *
     * @param  float  $across  from the left edge, in widths of the picture
     * @param  float  $down  from the upper edge, in widths of the picture too
     *
     * @throws UnusablePhoto where it shows no part of the wall's plane
     */
    public function onWall(float $across, float $down): WallPoint
    {
        $this->toWall->faces($across, $down) || throw new UnusablePhoto('behind');
        [$x, $y] = $this->toWall->map($across, $down);

        return new WallPoint(self::length($x), self::length($y), self::length($this->plusMinus($across, $down)));
    }

    /** How far its points are off on the wall, root mean square; 0 of four, which leave nothing over. */
    public function offBy(): Length
    {
        return self::length($this->off);
    }

    /** @return array{float, float} where in the picture a place of the wall is, in its widths */
    public function inPicture(Length $x, Length $y): array
    {
        return $this->toWall->inverse()->map($x->toMm(), $y->toMm());
    }

    /**
     * How sure a place is, mm: how far the points are off, and how much of the wall a finger covers there. Never less
     * than a millimetre.
     */
    private function plusMinus(float $across, float $down): float
    {
        [$x, $y] = $this->toWall->map($across, $down);
        [$rightX, $rightY] = $this->toWall->map($across + self::TAP, $down);
        [$downX, $downY] = $this->toWall->map($across, $down + self::TAP);
        $tap = max(hypot($rightX - $x, $rightY - $y), hypot($downX - $x, $downY - $y));

        return max(1.0, ceil(hypot($this->off, $tap)));
    }

    /**
     * The map from the wall to the picture that is least off in the picture, both normalised.
     *
     * @param  non-empty-list<array{array{float, float}, array{float, float}}>  $pairs  in the picture, on the wall
     */
    private static function fitted(array $pairs): Matrix3
    {
        [$rows, $values] = [[], []];
        foreach ($pairs as [[$u, $v], [$x, $y]]) {
            $rows[] = [$x, $y, 1.0, 0.0, 0.0, 0.0, -$u * $x, -$u * $y];
            $rows[] = [0.0, 0.0, 0.0, $x, $y, 1.0, -$v * $x, -$v * $y];
            array_push($values, $u, $v);
        }
        $map = Linear::leastSquares($rows, $values);
        for ($step = 0; $step < self::STEPS && count($pairs) > 4; $step++) {
            [$rows, $values] = [[], []];
            foreach ($pairs as [[$u, $v], [$x, $y]]) {
                $w = $map[6] * $x + $map[7] * $y + 1.0;
                $is = [
                    ($map[0] * $x + $map[1] * $y + $map[2]) / $w,
                    ($map[3] * $x + $map[4] * $y + $map[5]) / $w,
                ];
                $rows[] = [$x / $w, $y / $w, 1 / $w, 0.0, 0.0, 0.0, -$is[0] * $x / $w, -$is[0] * $y / $w];
                $rows[] = [0.0, 0.0, 0.0, $x / $w, $y / $w, 1 / $w, -$is[1] * $x / $w, -$is[1] * $y / $w];
                array_push($values, $u - $is[0], $v - $is[1]);
            }
            $map = array_map(fn (float $a, float $b) => $a + $b, $map, Linear::leastSquares($rows, $values));
        }

        return new Matrix3([...$map, 1.0]);
    }

    /**
     * Of four points no three may lie in a line: then the others tell nothing of the plane.
     *
     * @param  list<PhotoPoint>  $points
     */
    private static function mustSpread(array $points): void
    {
        $picture = array_map(fn (PhotoPoint $point) => [$point->across, $point->down], $points);
        $metres = array_map(fn (PhotoPoint $point) => [$point->x->toMm() / 1000, $point->y->toMm() / 1000], $points);
        min(self::spread($picture), self::spread($metres)) > self::APART || throw new UnusablePhoto('in-a-line');
    }

    /**
     * How far from a line the points are, in the best of four: the least height of a triangle of three of them.
     *
     * @param  list<array{float, float}>  $points
     */
    private static function spread(array $points): float
    {
        $best = 0.0;
        foreach (self::fours(count($points)) as $four) {
            $least = INF;
            foreach ([[0, 1, 2], [0, 1, 3], [0, 2, 3], [1, 2, 3]] as $three) {
                [$a, $b, $c] = array_map(fn (int $i) => $points[$four[$i]], $three);
                $longest = max(
                    hypot($b[0] - $a[0], $b[1] - $a[1]),
                    hypot($c[0] - $b[0], $c[1] - $b[1]),
                    hypot($a[0] - $c[0], $a[1] - $c[1]),
                );
                $area = abs(($b[0] - $a[0]) * ($c[1] - $a[1]) - ($c[0] - $a[0]) * ($b[1] - $a[1]));
                $least = min($least, $longest > 0.0 ? $area / $longest : 0.0);
            }
            $best = max($best, $least);
        }

        return $best;
    }

    /** @return iterable<array{int, int, int, int}> */
    private static function fours(int $count): iterable
    {
        for ($a = 0; $a < $count; $a++) {
            for ($b = $a + 1; $b < $count; $b++) {
                for ($c = $b + 1; $c < $count; $c++) {
                    for ($d = $c + 1; $d < $count; $d++) {
                        yield [$a, $b, $c, $d];
                    }
                }
            }
        }
    }

    /**
     * A wall is seen from its front: left stays left, and nothing lies behind whoever took the picture.
     *
     * @param  list<PhotoPoint>  $points
     */
    private static function mustFaceIt(Matrix3 $toWall, array $points): void
    {
        foreach ($points as $point) {
            $toWall->faces($point->across, $point->down) || throw new UnusablePhoto('crossed');
        }
    }

    /** @param  list<PhotoPoint>  $points */
    private static function offOf(Matrix3 $toWall, array $points): float
    {
        if (count($points) === 4) {
            return 0.0;
        }
        $squares = array_map(function (PhotoPoint $point) use ($toWall): float {
            [$x, $y] = $toWall->map($point->across, $point->down);

            return ($x - $point->x->toMm()) ** 2 + ($y - $point->y->toMm()) ** 2;
        }, $points);

        // Each point tells two numbers, and eight of them are used up.
        return sqrt(array_sum($squares) / (2 * count($points) - 8));
    }

    /** To a tenth of a millimetre: more no photograph tells. */
    private static function length(float $mm): Length
    {
        return Length::nm((int) round($mm * 10) * 100_000);
    }
}
