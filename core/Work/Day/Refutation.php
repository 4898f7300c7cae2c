<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

/**
 * The soonest end that nothing speaks against. An end is refuted where a step, worked back from it through hours and
 * waits, would have to end
 * before it can; or where the steps of the whole crew, of two together or at one wall that lie between two moments are
 * more than fits between.
 */
final readonly class Refutation
{
    /** @var array<int, int> by step: the soonest start */
    private array $heads;

    /**
     * @var list<array{list<int>, Capacity, bool}> steps that share something, what it can do, whether each person
     * counts
     */
    private array $shared;

    private function __construct(private Steps $steps)
    {
        $this->heads = $steps->heads();
        $anyone = Capacity::together($steps->hours, 1);
        $this->shared = [
            [array_keys($this->heads), Capacity::each($steps->hours), true],
            [$steps->apart(), Capacity::together($steps->hours, 2), false],
            ...array_map(fn (array $which) => [$which, $anyone, false], $steps->byWall()),
        ];
    }

    /** @param  int  $end  one that a plan has */
    public static function soonestEnd(Steps $steps, int $end): int
    {
        $refutation = new self($steps);
        for ($low = Bound::of($steps)->end(); $low < $end;) {
            $middle = intdiv($low + $end, 2);
            [$low, $end] = $refutation->refutes($middle) ? [$middle + 1, $end] : [$low, $middle];
        }

        return $end;
    }

    private function refutes(int $end): bool
    {
        $latest = [];
        for ($step = $this->steps->count() - 1; $step >= 0; $step--) {
            $by = $end;
            foreach ($this->steps->then[$step] as $after => $wait) {
                $by = min($by, $latest[$after] - $this->steps->minutes[$after] - $wait);
            }
            $latest[$step] = $this->steps->latestEnd($step, $by);
            if ($this->heads[$step] > $latest[$step] - $this->steps->minutes[$step]) {
                return true;
            }
        }
        foreach ($this->shared as [$which, $capacity, $isEach]) {
            if ($this->isTooMuch($which, $latest, $capacity, $isEach)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  list<int>  $which
     * @param  array<int, int>  $latest
     */
    private function isTooMuch(array $which, array $latest, Capacity $capacity, bool $isEach): bool
    {
        usort($which, fn (int $a, int $b) => $latest[$a] <=> $latest[$b]);
        $till = array_map(fn (int $step) => $capacity->till($latest[$step]), $which);
        foreach (array_unique(array_map(fn (int $step) => $this->heads[$step], $which)) as $head) {
            $done = $capacity->till($head);
            foreach ($which as $n => $step) {
                if (
                    $this->heads[$step] >= $head &&
                    ($done += $this->steps->minutes[$step] * ($isEach ? $this->steps->people[$step] : 1)) > $till[$n]
                ) {
                    return true;
                }
            }
        }

        return false;
    }
}
