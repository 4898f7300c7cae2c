<?php

declare(strict_types=1);

namespace YokeLine\Ways;

/** Ways as they have been worked so far: those that work by what matters, those that do not with their reasons. */
final class Ranking
{
    /** @var list<Way> */
    private array $works = [];

    /** @var array<string, array{count: int, way: Way}> by reason */
    private array $fails = [];

    private int $count = 0;

    private bool $whole = false;

    public function add(Way $way): void
    {
        $this->count++;
        if ($way->works()) {
            $this->works[] = $way;
        } else {
            $this->fails["{$way->choice->hang->value} {$way->stop}"] ??= ['count' => 0, 'way' => $way];
            $this->fails["{$way->choice->hang->value} {$way->stop}"]['count']++;
        }
    }

    /** Once the last way has been added. */
    public function finish(): void
    {
        $this->whole = true;
    }

    public function isWhole(): bool
    {
        return $this->whole;
    }

    public function count(): int
    {
        return $this->count;
    }

    public function working(): int
    {
        return count($this->works);
    }

    /**
     * The best of each arrangement, the best first, with how many more sizes and parkings of it there are.
     *
     * @return list<array{way: Way, more: int}>
     */
    public function arrangements(Weights $weights): array
    {
        $best = [];
        foreach ($this->best($weights) as $way) {
            $best[$way->arrangement()] ??= ['way' => $way, 'more' => -1];
            $best[$way->arrangement()]['more']++;
        }

        return array_values($best);
    }

    /**
     * The best first.
     *
     * @return list<Way>
     */
    public function best(Weights $weights): array
    {
        $widest = array_reduce($this->works, fn (float $most, Way $way) => max($most, $way->passage->toMm()), 0.0);
        $scores = array_map(fn (Way $way) => $weights->score($way, $widest), $this->works);
        $works = $this->works;
        // What scores alike stands as it was asked for.
        array_multisort($scores, SORT_DESC, SORT_NUMERIC, array_keys($works), SORT_ASC, $works);

        return $works;
    }

    /** @return list<Way> of which no other way is better in all of passage, price and findings, by their best numbers */
    public function tradeOffs(): array
    {
        $by = [];
        foreach ($this->works as $way) {
            $by["{$way->passage->nm} ".count($way->settle)." {$way->price}"] ??= $way;
        }

        return array_values(array_filter($by, function (Way $way) use ($by) {
            foreach ($by as $other) {
                if ($other->beats($way)) {
                    return false;
                }
            }

            return true;
        }));
    }

    /** @return list<array{count: int, way: Way}> why ways do not work, the commonest first, one row a reason */
    public function reasons(): array
    {
        $reasons = array_values($this->fails);
        usort($reasons, fn (array $a, array $b) => $b['count'] <=> $a['count']);

        return $reasons;
    }
}
