<?php

declare(strict_types=1);

namespace YokeLine\Measure;

use Brick\Math\BigInteger;
use Brick\Math\RoundingMode;

/**
 * An exact length: a whole number of nanometres.
 *
 * 1/64 in is 396 875 nm, so millimetres and inch fractions are both exact and sums never drift.
 * Rounding happens only where a method's name says so.
 */
final readonly class Length
{
    private const NM_PER_MM = 1_000_000;

    public const NM_PER_INCH = 25_400_000;

    private function __construct(public int $nm) {}

    public static function nm(int $nm): self
    {
        return new self($nm);
    }

    public static function mm(int $mm): self
    {
        return new self($mm * self::NM_PER_MM);
    }

    public static function zero(): self
    {
        return new self(0);
    }

    /** Sixteenths of an inch, exact. */
    public static function sixteenths(int $count): self
    {
        return new self($count * intdiv(self::NM_PER_INCH, 16));
    }

    public static function greatest(self $first, self ...$others): self
    {
        return array_reduce($others, fn (self $a, self $b) => $b->nm > $a->nm ? $b : $a, $first);
    }

    public static function least(self $first, self ...$others): self
    {
        return array_reduce($others, fn (self $a, self $b) => $b->nm < $a->nm ? $b : $a, $first);
    }

    public function plus(self $other, self ...$more): self
    {
        $nm = $this->nm + $other->nm;
        foreach ($more as $one) {
            $nm += $one->nm;
        }

        return new self($nm);
    }

    public function minus(self $other, self ...$more): self
    {
        $nm = $this->nm - $other->nm;
        foreach ($more as $one) {
            $nm -= $one->nm;
        }

        return new self($nm);
    }

    public function times(int $count): self
    {
        return new self($this->nm * $count);
    }

    public function negated(): self
    {
        return new self(-$this->nm);
    }

    public function absolute(): self
    {
        return new self(abs($this->nm));
    }

    /** Half of it; half a nanometre goes away from zero, so a mirrored length halves to its mirror image. */
    public function half(): self
    {
        return $this->scaled(1, 2);
    }

    /** This length x $by / $of, to the nearest nanometre, halves away from zero. */
    public function scaled(int $by, int $of): self
    {
        if ($of < 0) {
            [$by, $of] = [-$by, -$of];
        }
        // Where 64 bits do not hold the product, PHP makes it a double: the check is on doubles from the start.
        if (abs((float) $this->nm * $by) < PHP_INT_MAX / 4) {
            $product = $this->nm * $by;
            $rounded = intdiv(abs($product) * 2 + $of, $of * 2);

            return new self($product < 0 ? -$rounded : $rounded);
        }

        return new self(
            BigInteger::of($this->nm)
                ->multipliedBy($by)
                ->toBigRational()
                ->dividedBy($of)
                ->toScale(0, RoundingMode::HALF_UP)
                ->toInt(),
        );
    }

    /** Up to the next whole multiple of $step. */
    public function roundedUpTo(self $step): self
    {
        return new self(-self::floorDivide(-$this->nm, $step->nm) * $step->nm);
    }

    /** Down to the next whole multiple of $step. */
    public function roundedDownTo(self $step): self
    {
        return new self(self::floorDivide($this->nm, $step->nm) * $step->nm);
    }

    /** To the nearest multiple of $step, halves upward: step x floor(v / step + 1/2). */
    public function roundedTo(self $step): self
    {
        return new self(self::floorDivide(2 * $this->nm + $step->nm, 2 * $step->nm) * $step->nm);
    }

    /** How many whole $steps are needed to span it; never below 0. */
    public function stepsOf(self $step): int
    {
        return max(0, -self::floorDivide(-$this->nm, $step->nm));
    }

    public function isOver(self $other): bool
    {
        return $this->nm > $other->nm;
    }

    public function isUnder(self $other): bool
    {
        return $this->nm < $other->nm;
    }

    public function equals(self $other): bool
    {
        return $this->nm === $other->nm;
    }

    public function isPositive(): bool
    {
        return $this->nm > 0;
    }

    public function isNegative(): bool
    {
        return $this->nm < 0;
    }

    public function isZero(): bool
    {
        return $this->nm === 0;
    }

    public function orZeroIfNegative(): self
    {
        return $this->nm < 0 ? self::zero() : $this;
    }

    /** For drawing and for the plan's JSON, never to compute with: the nearest double has all six decimals. */
    public function toMm(): float
    {
        return $this->nm / self::NM_PER_MM;
    }

    private static function floorDivide(int $a, int $b): int
    {
        $quotient = intdiv($a, $b);

        return $a % $b !== 0 && $a < 0 !== $b < 0 ? $quotient - 1 : $quotient;
    }
}
