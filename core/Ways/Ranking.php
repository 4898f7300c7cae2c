<?php

declare(strict_types=1);

namespace YokeLine\Ways;

/** Ways as they have been worked so far: those that work by what matters, those that do not with their reasons. */
final class Ranking
{
    /** @var array<string, Way> by what they come to */
    private array $works = [];

    /** @var array<string, array{count: int, way: Way}> by reason */
    private array $fails = [];

    /** @var array<string, int> the how manieth each was that was added, by what it comes to */
    private array $nth = [];

    private int $count = 0;

    private bool $whole = false;

    public function add(Way $way): void
    {
        $this->nth[$way->sameAs()] ??= $this->count;
        $this->count++;
        if ($way->works()) {
            $this->works[$way->sameAs()] = $way;
        } else {
            $this->fail($way);
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

    /** How many work, as far as they were asked what holds them. */
    public function working(): int
    {
        return count($this->works);
    }

    /**
     * The best of each arrangement that is held, the best first, with how many more sizes and parkings of it there are.
     * One that is not held goes
     * to those that do not work, and the next best is asked.
     *
     * @return list<array{way: Way, more: int}>
     */
    public function arrangements(Weights $weights, Judge $judge): array
    {
        $best = [];
        foreach ($this->best($weights) as $way) {
            $arrangement = $way->choice->arrangement();
            if (isset($best[$arrangement])) {
                $best[$arrangement]['more']++;
            } elseif (($held = $this->judged($way, $judge))->works()) {
                $best[$arrangement] = ['way' => $held, 'more' => 0];
            }
        }

        return array_values($best);
    }

    /** Asks of every way what holds it. */
    public function judge(Judge $judge): void
    {
        foreach ($this->works as $way) {
            $this->judged($way, $judge);
        }
    }

    private function judged(Way $way, Judge $judge): Way
    {
        if ($way->isHeld) {
            return $way;
        }
        $held = $judge->judge($way);
        if ($held->works()) {
            $this->works[$held->sameAs()] = $held;
        } else {
            unset($this->works[$held->sameAs()]);
            $this->fail($held);
        }

        return $held;
    }

    private function fail(Way $way): void
    {
        $reason = "{$way->choice->hang->value} {$way->stop?->code->value} {$way->stop?->how}";
        ['count' => $count, 'way' => $shown] = $this->fails[$reason] ?? ['count' => 0, 'way' => $way];
        // Whichever of them was judged first, the one that was asked for first stands for all.
        $isSooner = $this->nth[$way->sameAs()] < $this->nth[$shown->sameAs()];
        $this->fails[$reason] = ['count' => $count + 1, 'way' => $isSooner ? $way : $shown];
    }

    /**
     * The best first.
     *
     * @return list<Way>
     */
    public function best(Weights $weights): array
    {
        $works = array_values($this->works);
        $widest = array_reduce($works, fn (float $most, Way $way) => max($most, $way->passage->toMm()), 0.0);
        $cheapest = array_reduce(
            $works,
            fn (?float $least, Way $way) => $way->price === null ? $least : min($least ?? $way->price, $way->price),
        );
        $scores = array_map(fn (Way $way) => $weights->score($way, $widest, $cheapest), $works);
        if ($works === []) {
            return [];
        }
        // What scores alike stands as it was asked for.
        array_multisort($scores, SORT_DESC, SORT_NUMERIC, range(0, count($works) - 1), SORT_ASC, $works);

        return $works;
    }

    /**
     * @return list<Way> of those that are held, which no other one beats in all of passage, price and findings, by
     * their best numbers
     */
    public function tradeOffs(): array
    {
        $by = [];
        foreach (array_filter($this->works, fn (Way $way) => $way->isHeld) as $way) {
            $by["{$way->passage->nm} ".count($way->settle)." {$way->price}"] ??= $way;
        }

        return array_values(
            array_filter($by, function (Way $way) use ($by) {
                foreach ($by as $other) {
                    if ($other->beats($way)) {
                        return false;
                    }
                }

                return true;
            }),
        );
    }

    /** @return list<array{count: int, way: Way}> why ways do not work, the commonest first, one row a reason */
    public function reasons(): array
    {
        $reasons = array_values($this->fails);
        usort($reasons, fn (array $a, array $b) => $b['count'] <=> $a['count']);

        return $reasons;
    }
}
