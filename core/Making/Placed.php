<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** A part where it lies in the leaf, for drawing it. */
final readonly class Placed
{
    /**
     * @param  string  $kind  of the part
     * @param  Length  $long  which of that kind: as long as the part
     * @param  ?Length  $wide  which of those as long, where they differ in it
     * @param  int  $layer  0 at the back of the leaf
     * @param  list<array{float, float}>  $points  u and v, mm
     */
    private function __construct(
        public string $kind,
        public Length $long,
        public ?Length $wide,
        public int $layer,
        public array $points,
    ) {}

    public static function box(string $kind, Length $long, int $layer, Span $u, Span $v): self
    {
        $wide = $u->length()->equals($long) ? $v->length() : $u->length();

        return new self($kind, $long, $wide, $layer, self::corners($u, $v));
    }

    /** One between two levels whose ends lean: from one upright line to the other, so many mm higher there. */
    public static function leaning(string $kind, Length $long, int $layer, Span $u, Span $v, Length $wide): self
    {
        [$left, $right] = [$u->low->toMm(), $u->high->toMm()];
        [$low, $high, $broad] = [$v->low->toMm(), $v->high->toMm(), $wide->toMm()];
        $along = hypot($right - $left, $high - $low);
        // Its edges pass the lower corner at one side and the upper one at the other.
        $angle = atan2($high - $low, $right - $left) + asin(min(1.0, $broad / $along));
        $line = fn (float $x, float $y) => [[$x, $y], [$x + cos($angle), $y + sin($angle)]];
        $box = self::corners($u, $v);
        [$a, $b] = $line($left, $low);
        [$c, $d] = $line($right, $high);

        return new self($kind, $long, null, $layer, self::clipped(self::clipped($box, $b, $a), $c, $d));
    }

    /**
     * A course at 45 degrees in an opening: between two lines so far from its middle, across the boards.
     *
     * @param  bool  $rises  to the right
     */
    public static function course(
        Length $long,
        int $layer,
        Span $u,
        Span $v,
        float $low,
        float $high,
        bool $rises,
    ): self {
        [$x, $y] = [$u->middle()->toMm(), $v->middle()->toMm()];
        $lean = $rises ? 1.0 : -1.0;
        // Across the boards s grows towards the upper left, or the upper right.
        $at = fn (float $s, float $along) => [
            $x + (-$s * $lean + $along * $lean) / M_SQRT2,
            $y + ($s + $along) / M_SQRT2,
        ];
        $box = self::corners($u, $v);
        [$from, $to] = $rises ? [-1.0, 1.0] : [1.0, -1.0];
        $box = self::clipped($box, $at($low, $from), $at($low, $to));

        return new self('infill', $long, null, $layer, self::clipped($box, $at($high, $to), $at($high, $from)));
    }

    /** @return array{float, float} the middle of what it takes up */
    public function middle(): array
    {
        [$u, $v] = [array_column($this->points, 0), array_column($this->points, 1)];

        return $u === [] || $v === [] ? [0.0, 0.0] : [(min($u) + max($u)) / 2, (min($v) + max($v)) / 2];
    }

    /** @return list<array{float, float}> */
    private static function corners(Span $u, Span $v): array
    {
        [$left, $right, $low, $high] = [$u->low->toMm(), $u->high->toMm(), $v->low->toMm(), $v->high->toMm()];

        return [[$left, $low], [$right, $low], [$right, $high], [$left, $high]];
    }

    /**
     * Over 0 to the left of a line from a to b.
     *
     * @param  array{float, float}  $p
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     */
    private static function leftOf(array $p, array $a, array $b): float
    {
        return ($b[0] - $a[0]) * ($p[1] - $a[1]) - ($b[1] - $a[1]) * ($p[0] - $a[0]);
    }

    /**
     * What lies to the left of a line from a to b.
     *
     * @param  list<array{float, float}>  $points
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @return list<array{float, float}>
     */
    private static function clipped(array $points, array $a, array $b): array
    {
        $kept = [];
        foreach ($points as $i => $point) {
            $next = $points[($i + 1) % count($points)];
            [$here, $there] = [self::leftOf($point, $a, $b), self::leftOf($next, $a, $b)];
            if ($here >= 0) {
                $kept[] = $point;
            }
            if (($here > 0 && $there < 0) || ($here < 0 && $there > 0)) {
                $part = $here / ($here - $there);
                $kept[] = [
                    $point[0] + ($next[0] - $point[0]) * $part,
                    $point[1] + ($next[1] - $point[1]) * $part,
                ];
            }
        }

        return $kept;
    }
}
