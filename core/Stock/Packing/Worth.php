<?php

declare(strict_types=1);

namespace YokeLine\Stock\Packing;

/**
 * What each length is worth, in nm of stock, so that no bar holds more worth than it is long and one bar of the count
 * is worth: then so many bars
 * buy no less than all worth less the count's. Whole numbers, so that the bound holds whatever rounding there was on
 * the way.
 */
final readonly class Worth
{
    /** Dearer than any bar, in longest bars. */
    public const DEAR = 50.0;

    /**
     * @param  list<int>  $of  each size
     * @param  int  $bar  what a bar's place in the count is worth
     */
    private function __construct(public array $of, public int $bar) {}

    /** Worth as much as it is long: what is bought beyond that is waste. */
    public static function asLong(Demand $demand): self
    {
        return new self($demand->sizes, -$demand->lost);
    }

    /**
     * The dual of cutting as if parts of bars could be bought, its patterns generated as they pay (Gilmore and Gomory).
     * A little more of each
     * size than is wanted, each by another little, keeps the method from going round in circles.
     */
    public static function byPatterns(Demand $demand, int $bars, Effort $effort): self
    {
        $sizes = count($demand->sizes);
        $count = $sizes + count($demand->boards);
        $wanted = array_map(
            fn (int $i, int $of) => $of + 1e-3 * ((($i * 7919) % 1009) / 1009 + 0.5),
            array_keys($demand->counts),
            $demand->counts,
        );
        $lp = new Simplex(
            [...$wanted, ...array_map(fn (array $board) => (float) $board['count'], $demand->boards), -(float) $bars],
            self::DEAR,
            $effort,
        );
        $most = $demand->most();
        foreach ($demand->stocks as $stock) {
            foreach (self::greedy($demand, $most, $stock) as $pattern) {
                $lp->add($stock / $demand->longest(), $pattern + [$count => -1.0]);
            }
        }
        foreach ($demand->boards as $j => $board) {
            foreach ($board['splits'] as $split) {
                $lp->add(0.0, [$sizes + $j => 1.0] + array_map(fn (int $of) => -(float) $of, $split));
            }
        }
        $best = self::asLong($demand);
        do {
            $lp->improve();
            $duals = $lp->duals();
            $worth = array_map(
                fn (float $dual) => max(0, (int) floor($dual * $demand->longest())),
                array_slice($duals, 0, $sizes),
            );
            $over = 0;
            $paid = $duals[$count] * $demand->longest() + 1e-7 * $demand->longest();
            $isNew = false;
            foreach ($demand->takes() as $k => $takes) {
                [$value, $pattern] = Knapsack::of($demand->sizes, $most, $worth, $takes, $effort);
                $over = max($over, $value - $demand->stocks[$k]);
                if ($value - $demand->stocks[$k] > $paid) {
                    $isNew = true;
                    $lp->add(
                        $demand->stocks[$k] / $demand->longest(),
                        array_map(floatval(...), $pattern) + [$count => -1.0],
                    );
                }
            }
            $found = new self($worth, $over);
            $best =
                ! $effort->isSpent() && $found->bound($demand, $bars) > $best->bound($demand, $bars) ? $found : $best;
        } while ($isNew && ! $effort->isSpent());

        return $best;
    }

    /**
     * Patterns to begin with: from each size on the longest that still fits.
     *
     * @param  list<int>  $most
     * @return iterable<array<int, float>>
     */
    private static function greedy(Demand $demand, array $most, int $stock): iterable
    {
        for ($first = 0, $sizes = count($most); $first < $sizes; $first++) {
            $room = $stock - $demand->lost;
            $pattern = [];
            for ($i = $first; $i < $sizes; $i++) {
                $many = min($most[$i], intdiv($room, $demand->sizes[$i]));
                if ($many > 0) {
                    $pattern[$i] = (float) $many;
                    $room -= $many * $demand->sizes[$i];
                }
            }
            if (isset($pattern[$first])) {
                yield $pattern;
            }
        }
    }

    /** So many bars buy no less. */
    public function bound(Demand $demand, int $bars): int
    {
        return $demand->worth($this->of) - $bars * $this->bar;
    }

    /** What a bar of that stock loses that holds so much worth; never under 0. */
    public function loss(int $stock, int $worth): int
    {
        return $stock + $this->bar - $worth;
    }

    /** With a rest in one bar that is worth as much as may be. */
    public function leaving(Demand $demand, int $rest, Effort $effort): self
    {
        $least = PHP_INT_MAX;
        foreach ($demand->takes() as $k => $takes) {
            if ($takes >= $rest) {
                [$value] = Knapsack::of($demand->sizes, $demand->most(), $this->of, $takes - $rest, $effort);
                $least = min($least, $this->loss($demand->stocks[$k], $value));
            }
        }
        $before = $demand->placeOf($rest);

        return new self(
            [
                ...array_slice($this->of, 0, $before),
                $effort->isSpent() ? 0 : max(0, $least),
                ...array_slice($this->of, $before),
            ],
            $this->bar,
        );
    }
}
