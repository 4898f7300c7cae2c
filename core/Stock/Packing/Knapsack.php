<?php

declare(strict_types=1);

namespace YokeLine\Stock\Packing;

/** What one bar may hold at the most, by worth: branch and bound, the worthiest for its length first. */
final class Knapsack
{
    private const STEP = 12;

    private int $best = 0;

    /** @var array<int, int> */
    private array $pattern = [];

    /** @var array<int, int> */
    private array $in = [];

    /**
     * @param  list<array{float, int, int, int, int}>  $items  worth for its length, size number, worth, length, the
     *   most; the worthiest first
     * @param  list<int>  $least  the shortest of the items from each on
     */
    private function __construct(
        private readonly array $items,
        private readonly array $least,
        private readonly Effort $effort,
    ) {}

    /**
     * @param  list<int>  $sizes
     * @param  list<int>  $most  of each
     * @param  list<int>  $worth  of each
     * @return array{int, array<int, int>} the worth, and how many of each size; no more than was found where the effort
     *   came to its end
     */
    public static function of(array $sizes, array $most, array $worth, int $room, Effort $effort): array
    {
        $items = [];
        foreach ($sizes as $i => $size) {
            if ($worth[$i] > 0 && $most[$i] > 0 && $size <= $room) {
                $items[] = [$worth[$i] / $size, $i, $worth[$i], $size, $most[$i]];
            }
        }
        usort($items, fn (array $a, array $b) => $b[0] <=> $a[0]);
        $least = array_fill(0, count($items) + 1, PHP_INT_MAX);
        for ($i = count($items) - 1; $i >= 0; $i--) {
            $least[$i] = min($least[$i + 1], $items[$i][3]);
        }
        $knapsack = new self($items, array_values($least), $effort);
        $knapsack->fill(0, $room, 0);

        return [$knapsack->best, $knapsack->pattern];
    }

    private function fill(int $from, int $room, int $worth): void
    {
        if ($worth > $this->best) {
            [$this->best, $this->pattern] = [$worth, $this->in];
        }
        for (
            $at = $from, $count = count($this->items);
            $at < $count && $room >= $this->least[$at] && $this->effort->spend(self::STEP);
            $at++
        ) {
            [$density, $size, $of, $length, $most] = $this->items[$at];
            // A little over, so that rounding never hides a better one.
            if ($worth + $density * $room * (1 + 1e-12) < $this->best + 1) {
                return;
            }
            for ($many = min($most, intdiv($room, $length)); $many > 0; $many--) {
                $this->in[$size] = $many;
                $this->fill($at + 1, $room - $many * $length, $worth + $many * $of);
            }
            unset($this->in[$size]);
        }
    }
}
