<?php

declare(strict_types=1);

namespace YokeLine\Stock\Packing;

/**
 * Branch and bound over patterns: of the best in parts of bars the pattern, or the way of parting a board, that is used
 * most is taken once more;
 * where that leads nowhere it is not used again.
 */
final class Branching
{
    private const NODES = 2000;

    private int $nodes = 0;

    /** @var array<int, Pattern> by column */
    private array $patterns = [];

    /** @var array<int, array{int, int}> the board and its split, by column */
    private array $splits = [];

    private function __construct(private readonly Demand $demand, private readonly Effort $effort) {}

    /**
     * @param  list<Pattern>  $patterns
     * @param  int  $most  nm to be bought
     */
    public static function of(Demand $demand, array $patterns, int $bars, int $most, Effort $effort): Packing
    {
        $branching = new self($demand, $effort);
        $counts = array_column($demand->boards, 'count');
        $lp = new Simplex($branching->wanted($demand->counts, $counts, $bars), Worth::DEAR, $effort);
        foreach ($patterns as $pattern) {
            if ($pattern->isFull) {
                $column = array_map(floatval(...), $pattern->counts) + [count($demand->sizes) + count($counts) => -1.0];
                $branching->patterns[$lp->add($pattern->stock / $demand->longest(), $column)] = $pattern;
            }
        }
        foreach ($demand->boards as $j => $board) {
            foreach ($board['splits'] as $nth => $split) {
                $column = [count($demand->sizes) + $j => 1.0] + array_map(fn (int $count) => -(float) $count, $split);
                $branching->splits[$lp->add(0.0, $column)] = [$j, $nth];
            }
        }
        $lp->improve();
        $found = $branching->take($lp, $demand->counts, $counts, $bars, $most);

        return match (true) {
            $found !== null => $found->trimmed($demand),
            $effort->isSpent() || $branching->nodes > self::NODES => Packing::unknown(),
            default => Packing::none(),
        };
    }

    /**
     * @param  array<int, int>  $counts
     * @param  array<int, int>  $boards
     * @return list<float>
     */
    private function wanted(array $counts, array $boards, int $bars): array
    {
        return [
            ...array_values(array_map(floatval(...), $counts)),
            ...array_values(array_map(floatval(...), $boards)),
            -(float) $bars,
        ];
    }

    /**
     * @param  array<int, int>  $counts  of each size left to be cut
     * @param  array<int, int>  $boards  of each left to be parted
     *
     * @phpstan-impure
     */
    private function take(Simplex $lp, array $counts, array $boards, int $bars, int $most): ?Packing
    {
        if ($most < 0 || $bars < 0) {
            return null;
        }
        if (max(0, ...$counts) === 0 && array_sum($boards) === 0) {
            return Packing::found([]);
        }
        // Room for rounding: what is bought differs by more.
        while (
            ++$this->nodes <= self::NODES &&
            ! $this->effort->isSpent() &&
            $lp->cost() * $this->demand->longest() <= $most + 1000 &&
            ($column = $this->mostUsed($lp)) !== null
        ) {
            $with = clone $lp;
            $found = isset($this->patterns[$column])
                ? $this->cut($with, $this->patterns[$column], $counts, $boards, $bars, $most)
                : $this->part($with, ...$this->splits[$column], ...[$counts, $boards, $bars, $most]);
            if ($found !== null) {
                return $found;
            }
            $lp->bar($column);
            $lp->improve();
        }

        return null;
    }

    /**
     * One bar more by a pattern. What it holds over what is left to cut may be wanted once a board is parted, and is
     * left out in the end.
     *
     * @param  array<int, int>  $counts
     * @param  array<int, int>  $boards
     *
     * @phpstan-impure
     */
    private function cut(Simplex $lp, Pattern $pattern, array $counts, array $boards, int $bars, int $most): ?Packing
    {
        foreach ($pattern->counts as $i => $count) {
            $counts[$i] -= $count;
        }
        if (! $lp->want($this->wanted($counts, $boards, $bars - 1))) {
            return null;
        }
        $lp->improve();

        return $this->take($lp, $counts, $boards, $bars - 1, $most - $pattern->stock)?->and($pattern);
    }

    /**
     * One board more parted so.
     *
     * @param  array<int, int>  $counts
     * @param  array<int, int>  $boards
     *
     * @phpstan-impure
     */
    private function part(
        Simplex $lp,
        int $board,
        int $split,
        array $counts,
        array $boards,
        int $bars,
        int $most,
    ): ?Packing {
        $boards[$board]--;
        foreach ($this->demand->boards[$board]['splits'][$split] as $i => $count) {
            $counts[$i] += $count;
        }
        if (! $lp->want($this->wanted($counts, $boards, $bars))) {
            return null;
        }
        $lp->improve();

        return $this->take($lp, $counts, $boards, $bars, $most)?->parted($board, $split);
    }

    private function mostUsed(Simplex $lp): ?int
    {
        $best = null;
        $most = 0.0;
        foreach ($lp->used() as $column => $value) {
            // Whole ones first: a board parted so, a bar cut so, is taken as it is.
            $value = $value >= 1 - 1e-6 ? 1 + $value : $value;
            if ($value > $most && (isset($this->patterns[$column]) || isset($this->splits[$column]))) {
                [$best, $most] = [$column, $value];
            }
        }

        return $best;
    }
}
