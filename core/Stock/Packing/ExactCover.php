<?php

declare(strict_types=1);

namespace YokeLine\Stock\Packing;

/** Patterns that use every piece once: always for the size that the fewest of them still have, the least lost first. */
final class ExactCover
{
    private const STEP = 12;

    /** @var array<string, int> what is left, and the budget it was tried with in vain */
    private array $inVain = [];

    /** @param  list<Pattern>  $patterns  the least lost first */
    private function __construct(
        private readonly Demand $demand,
        private readonly array $patterns,
        private readonly Effort $effort,
    ) {}

    /**
     * @param  list<Pattern>  $patterns  the least lost first
     * @param  int  $budget  that may be lost
     */
    public static function of(Demand $demand, array $patterns, int $bars, int $budget, Effort $effort): Packing
    {
        $found = (new self($demand, $patterns, $effort))->cover($demand->counts, $bars, $budget, array_keys($patterns));

        return match (true) {
            $found !== null => Packing::found($found),
            $effort->isSpent() => Packing::unknown(),
            default => Packing::none(),
        };
    }

    /**
     * @param  array<int, int>  $counts  left to be cut
     * @param  list<int>  $usable  patterns that may still be
     * @return ?list<Pattern>
     */
    private function cover(array $counts, int $bars, int $budget, array $usable): ?array
    {
        $sum = array_sum(array_map(fn (int $size, int $count) => $size * $count, $this->demand->sizes, $counts));
        if ($sum === 0) {
            return [];
        }
        $key = implode(',', $counts)."|{$bars}";
        if (
            $sum > $bars * ($this->demand->longest() - $this->demand->lost) ||
            ($this->inVain[$key] ?? -1) >= $budget ||
            ! $this->effort->spend(self::STEP * count($usable))
        ) {
            return null;
        }
        $usable = $this->usable($usable, $counts, $budget);
        foreach ($this->withScarcest($usable, $counts) as $nth) {
            $pattern = $this->patterns[$nth];
            $left = $counts;
            foreach ($pattern->counts as $i => $count) {
                $left[$i] -= $count;
            }
            $rest = $this->cover($left, $bars - 1, $budget - $pattern->loss, $usable);
            if ($rest !== null) {
                return [$pattern, ...$rest];
            }
            if ($this->effort->isSpent()) {
                return null;
            }
        }
        $this->inVain[$key] = $budget;

        return null;
    }

    /**
     * @param  list<int>  $patterns
     * @param  array<int, int>  $counts
     * @return list<int>
     */
    private function usable(array $patterns, array $counts, int $budget): array
    {
        $usable = [];
        foreach ($patterns as $nth) {
            if ($this->patterns[$nth]->loss > $budget) {
                break;
            }
            foreach ($this->patterns[$nth]->counts as $i => $count) {
                if ($count > $counts[$i]) {
                    continue 2;
                }
            }
            $usable[] = $nth;
        }

        return $usable;
    }

    /**
     * @param  list<int>  $usable
     * @param  array<int, int>  $counts
     * @return list<int>
     */
    private function withScarcest(array $usable, array $counts): array
    {
        $having = array_map(fn () => [], array_filter($counts));
        foreach ($usable as $nth) {
            foreach ($this->patterns[$nth]->counts as $i => $count) {
                $having[$i][] = $nth;
            }
        }
        usort($having, fn (array $a, array $b) => count($a) <=> count($b));

        return $having[0] ?? [];
    }
}
