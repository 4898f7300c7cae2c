<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

/**
 * A coordinate of a sketch that follows what the tape says: so many millimetres, and so many times each reading. For
 * drawing only; what is stored or marked is worked from exact lengths.
 */
final readonly class Affine
{
    /** @param  array<string, float>  $times  by the place of the reading */
    private function __construct(public float $mm, public array $times) {}

    public static function mm(float $mm): self
    {
        return new self($mm, []);
    }

    /** The reading at a place. */
    public static function of(string $place): self
    {
        return new self(0.0, [$place => 1.0]);
    }

    public function plus(self|float ...$others): self
    {
        [$mm, $times] = [$this->mm, $this->times];
        foreach ($others as $other) {
            $other = is_float($other) ? self::mm($other) : $other;
            $mm += $other->mm;
            foreach ($other->times as $place => $by) {
                $times[$place] = ($times[$place] ?? 0.0) + $by;
            }
        }

        return new self($mm, $times);
    }

    public function minus(self|float $other): self
    {
        return $this->plus(is_float($other) ? -$other : $other->times(-1.0));
    }

    public function times(float $by): self
    {
        return new self($this->mm * $by, array_map(fn (float $times) => $times * $by, $this->times));
    }

    /** So far on the way from here to there: 0 is here, 1 there. */
    public function towards(self $there, float $far): self
    {
        return $this->times(1 - $far)->plus($there->times($far));
    }

    /** @return array{float, array<string, float>} as a browser is sent it: mm, and how often each reading */
    public function numbers(): array
    {
        return [round($this->mm, 3), array_map(fn (float $by) => round($by, 6), $this->times)];
    }

    /** @param  callable(string): float  $read  the reading at a place, mm */
    public function at(callable $read): float
    {
        $mm = $this->mm;
        foreach ($this->times as $place => $by) {
            $mm += $by * $read($place);
        }

        return $mm;
    }

    /** @return list<string> the places that it follows */
    public function places(): array
    {
        return array_keys(array_filter($this->times, fn (float $by) => $by !== 0.0));
    }
}
