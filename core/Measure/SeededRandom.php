<?php

declare(strict_types=1);

namespace YokeLine\Measure;

/**
 * Numbers that look like chance and are the same for the same seed: a simulated wall must be found again, a day plan
 * that nothing changed must stay.
 */
final class SeededRandom
{
    private int $state;

    public function __construct(int $seed)
    {
        $this->state = ($seed * 2654435761 + 97) & 0x7FFFFFFF;
        for ($i = 0; $i < 4; $i++) {
            $this->next();
        }
    }

    /** At least $low, under $high. */
    public function between(float $low, float $high): float
    {
        return $low + ($high - $low) * $this->next();
    }

    public function is(float $probability): bool
    {
        return $this->next() < $probability;
    }

    /** About normal, with that deviation. */
    public function noise(float $deviation): float
    {
        return $deviation *
            ($this->next() + $this->next() + $this->next() + $this->next() + $this->next() + $this->next() - 3) *
            M_SQRT2;
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[min(count($of) - 1, (int) ($this->next() * count($of)))];
    }

    /** At least 0, under 1. */
    public function next(): float
    {
        $this->state = ($this->state * 1103515245 + 12345) & 0x7FFFFFFF;

        return (($this->state >> 8) & 0x3FFFFF) / 0x400000;
    }
}
