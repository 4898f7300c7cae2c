<?php

declare(strict_types=1);

namespace YokeLine\Stock\Packing;

/**
 * Bar by bar, each filled round the longest piece left so that nothing more would fit: first what promises most, then
 * plans that differ from it in
 * ever more bars (limited discrepancy search). Quick where much fits a bar in many ways.
 */
final class Filling
{
    private const STEP = 60;

    /** By how much each pass may differ from what promises most, and how much long pieces promise. */
    private const PASSES = [[0, 0.0], [0, 0.3], [2, 0.0], [2, 0.3], [5, 0.0], [5, 0.3], [PHP_INT_MAX, 0.0]];

    /** @var array<string, int> what is left, and the budget it was tried with in vain */
    private array $inVain = [];

    private bool $isWhole = true;

    private function __construct(
        private readonly Demand $demand,
        private readonly Worth $worth,
        private readonly float $forLong,
        private readonly Effort $effort,
    ) {}

    /** @param  int  $bought  nm at the most */
    public static function of(Demand $demand, Worth $worth, int $bars, int $bought, Effort $effort): Packing
    {
        foreach (self::PASSES as [$discrepancy, $forLong]) {
            $filling = new self($demand, $worth, $forLong, $effort);
            $found = $filling->fill($demand->counts, $bars, $bought - $worth->bound($demand, $bars), $discrepancy);
            if ($found !== null) {
                return Packing::found($found);
            }
            if ($effort->isSpent()) {
                return Packing::unknown();
            }
            if ($filling->isWhole) {
                return Packing::none();
            }
        }

        return Packing::unknown();
    }

    /**
     * @param  array<int, int>  $counts  left to be cut
     * @param  int  $budget  that may be lost
     * @param  int  $discrepancy  by how much the choice may still differ from what promises most
     * @return ?list<Pattern>
     */
    private function fill(array $counts, int $bars, int $budget, int $discrepancy): ?array
    {
        $longest = array_key_first(array_filter($counts));
        if ($longest === null) {
            return [];
        }
        $spare =
            $bars * $this->widest() -
            array_sum(
                array_map(fn (int $i, int $count) => $count * $this->demand->sizes[$i], array_keys($counts), $counts),
            );
        $key = implode(',', $counts)."|{$bars}|{$discrepancy}";
        if ($budget < 0 || $spare < 0 || ($this->inVain[$key] ?? -1) >= $budget) {
            return null;
        }
        foreach (
            $this->promising(
                Patterns::round($longest, $counts, $this->demand, $this->worth, $budget, $this->effort),
                $budget,
                $spare,
            ) as $nth => $pattern
        ) {
            if ($nth > $discrepancy) {
                $this->isWhole = false;
                break;
            }
            $left = $counts;
            foreach ($pattern->counts as $i => $count) {
                $left[$i] -= $count;
            }
            $rest = $this->fill($left, $bars - 1, $budget - $pattern->loss, $discrepancy - $nth);
            if ($rest !== null || $this->effort->isSpent()) {
                return $rest === null ? null : [$pattern, ...$rest];
            }
        }
        $this->inVain[$key] = $budget;

        return null;
    }

    /**
     * First those that take least of what may be lost, and of what the longest bars could hold beyond what is wanted,
     * and those that leave short pieces.
     *
     * @param  list<Pattern>  $patterns
     * @return list<Pattern>
     */
    private function promising(array $patterns, int $budget, int $spare): array
    {
        $widest = $this->widest();
        $takes = array_map(function (Pattern $pattern) use ($budget, $spare, $widest) {
            $held = 0;
            $long = 0.0;
            foreach ($pattern->counts as $i => $count) {
                $held += $count * $this->demand->sizes[$i];
                $long += $count * ($this->demand->sizes[$i] / $widest) ** 2;
            }

            return $pattern->loss / max(1, $budget) + ($widest - $held) / max(1, $spare) - $this->forLong * $long;
        }, $patterns);
        if ($this->effort->spend(self::STEP * count($takes)) && $takes !== []) {
            array_multisort($takes, SORT_NUMERIC, range(0, count($takes) - 1), $patterns);
        }

        return $patterns;
    }

    private function widest(): int
    {
        return $this->demand->longest() - $this->demand->lost;
    }
}
