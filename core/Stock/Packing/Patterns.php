<?php

declare(strict_types=1);

namespace YokeLine\Stock\Packing;

/** Every pattern that loses no more than so much: a plan that buys so little cuts no bar otherwise. */
final class Patterns
{
    private const MOST = 20_000;

    private const STEP = 60;

    /** @var list<Pattern> */
    private array $found = [];

    /** @var array<int, float> the greatest worth for its length of each size and those after it */
    private array $densest = [];

    /** @var list<int> sizes that are wanted at all, the shortest first */
    private array $shortestFirst = [];

    /** @var non-empty-list<int> */
    private readonly array $takes;

    /** @param  array<int, int>  $most  of each size */
    private function __construct(
        private readonly Demand $demand,
        private readonly Worth $worth,
        private readonly array $most,
        private readonly int $budget,
        private readonly bool $onlyFull,
        private readonly Effort $effort,
    ) {
        $this->takes = $demand->takes();
        $this->densest[count($most)] = 0.0;
        for ($i = count($most) - 1; $i >= 0; $i--) {
            $this->densest[$i] = max(
                $this->densest[$i + 1],
                $most[$i] > 0 ? $worth->of[$i] / $demand->sizes[$i] : 0.0,
            );
            if ($most[$i] > 0) {
                $this->shortestFirst[] = $i;
            }
        }
    }

    /**
     * The least lost first. Where they are too many, those that lose the least, and not all.
     *
     * @return array{list<Pattern>, bool} and whether that is all
     */
    public static function within(Demand $demand, Worth $worth, int $budget, Effort $effort): array
    {
        for ($within = $budget, $isWhole = true; ; $within = intdiv($within, 3), $isWhole = false) {
            $patterns = new self($demand, $worth, $demand->most(), $within, false, $effort);
            $patterns->walk(0, 0, 0, []);
            if (count($patterns->found) <= self::MOST || $within === 0) {
                usort($patterns->found, fn (Pattern $a, Pattern $b) => $a->loss <=> $b->loss);

                return [$patterns->found, $isWhole && ! $effort->isSpent()];
            }
        }
    }

    /**
     * Those with one piece at least of a size, and as full as what is left fills them.
     *
     * @param  array<int, int>  $left  of each size
     * @return list<Pattern> not all where the effort came to its end
     */
    public static function round(
        int $size,
        array $left,
        Demand $demand,
        Worth $worth,
        int $budget,
        Effort $effort,
    ): array {
        $patterns = new self($demand, $worth, $left, $budget, true, $effort);
        $patterns->with($size, 0, 0, []);

        return $patterns->found;
    }

    /**
     * Adds more of the sizes from one on.
     *
     * @param  array<int, int>  $counts
     */
    private function walk(int $from, int $sum, int $worth, array $counts): void
    {
        $room = $this->takes[count($this->takes) - 1] - $sum;
        for ($i = $from, $sizes = count($this->most); $i < $sizes; $i++) {
            if ($this->demand->sizes[$i] <= $room && $this->most[$i] > 0) {
                if (! $this->canPay($i, $sum, $worth)) {
                    return;
                }
                $this->with($i, $sum, $worth, $counts);
            }
        }
    }

    /**
     * Adds one of a size at least.
     *
     * @param  array<int, int>  $counts
     */
    private function with(int $i, int $sum, int $worth, array $counts): void
    {
        $size = $this->demand->sizes[$i];
        $widest = $this->takes[count($this->takes) - 1];
        $shortest = $this->demand->sizes[$this->shortestFirst[0]];
        for ($many = min($this->most[$i], intdiv($widest - $sum, $size)); $many > 0; $many--) {
            if (count($this->found) > self::MOST || ! $this->effort->spend(self::STEP)) {
                return;
            }
            $counts[$i] = $many;
            $this->keep($sum + $many * $size, $worth + $many * $this->worth->of[$i], $counts);
            if ($widest - $sum - $many * $size >= $shortest) {
                $this->walk($i + 1, $sum + $many * $size, $worth + $many * $this->worth->of[$i], $counts);
            }
        }
    }

    /**
     * Whether sizes from one on can be worth enough: filled with the densest, the shortest bar loses least, or the
     * longest where that is worth more than it costs.
     */
    private function canPay(int $i, int $sum, int $worth): bool
    {
        $densest = $this->densest[$i];
        $last = count($this->takes) - 1;
        foreach ($densest > 1 ? [$last => $this->takes[$last]] : $this->takes as $k => $takes) {
            if ($takes > $sum) {
                return $this->worth->loss($this->demand->stocks[$k], $worth) - $densest * ($takes - $sum) <=
                    $this->budget + 1;
            }
        }

        return false;
    }

    /**
     * In the shortest bar that takes it.
     *
     * @param  array<int, int>  $counts
     */
    private function keep(int $sum, int $worth, array $counts): void
    {
        foreach ($this->takes as $k => $takes) {
            if ($takes >= $sum) {
                $loss = $this->worth->loss($this->demand->stocks[$k], $worth);
                if (
                    $loss <= $this->budget &&
                    (($isFull = $this->isFull($counts, $takes - $sum)) || ! $this->onlyFull)
                ) {
                    $this->found[] = new Pattern($loss, $this->demand->stocks[$k], $counts, $isFull);
                }

                return;
            }
        }
    }

    /** @param  array<int, int>  $counts */
    private function isFull(array $counts, int $room): bool
    {
        foreach ($this->shortestFirst as $i) {
            if ($this->demand->sizes[$i] > $room) {
                return true;
            }
            if ($this->most[$i] > ($counts[$i] ?? 0)) {
                return false;
            }
        }

        return true;
    }
}
