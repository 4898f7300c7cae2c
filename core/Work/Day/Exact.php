<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

/**
 * The best of all placings of a few steps. Whichever plan is best, its steps placed in the order they begin, each as
 * soon as may be with the same
 * people, give one that is as good: so all orders whose starts ascend are tried, with all people.
 */
final class Exact
{
    /** @var array<int, int> */
    private readonly array $tails;

    private function __construct(private readonly Steps $steps, private Placing $best)
    {
        $this->tails = $steps->tails();
    }

    /** @param  Placing  $found  one to begin with */
    public static function best(Steps $steps, Placing $found): Placing
    {
        $exact = new self($steps, $found);
        $exact->goOn(new Placing($steps, Whereabouts::anywhere()), 0);

        return $exact->best;
    }

    private function goOn(Placing $placing, int $last): void
    {
        $left = array_diff(array_keys($this->steps->ids), array_keys($placing->starts));
        if ($left === []) {
            $this->best = $placing->rank() < $this->best->rank() ? $placing : $this->best;

            return;
        }
        foreach ($left as $step) {
            if (array_diff_key($this->steps->before[$step], $placing->starts) === []) {
                foreach ($this->crews($this->steps->people[$step], $placing) as $people) {
                    $next = clone $placing;
                    if (
                        $next->placeWith($step, $people) &&
                        $next->starts[$step] >= $last &&
                        $this->best->end() >= $next->ends[$step] + $this->tails[$step]
                    ) {
                        $this->goOn($next, $next->starts[$step]);
                    }
                }
            }
        }
    }

    /**
     * All so many of the crew; of those who have the same hours and have done nothing yet, the first.
     *
     * @return list<list<int>>
     */
    private function crews(int $people, Placing $placing): array
    {
        $worked = array_flip(array_merge(...array_values($placing->with)));
        $crews = [[]];
        foreach ($this->steps->hours as $person => $hours) {
            foreach ($crews as $crew) {
                $skipped = array_filter(
                    range(0, $person),
                    fn (int $other) => $other < $person &&
                        ! isset($worked[$other]) &&
                        ! in_array($other, $crew, true) &&
                        $this->steps->hours[$other] === $hours,
                );
                if (count($crew) < $people && (isset($worked[$person]) || $skipped === [])) {
                    $crews[] = [...$crew, $person];
                }
            }
        }

        return array_values(array_filter($crews, fn (array $crew) => count($crew) === $people));
    }
}
