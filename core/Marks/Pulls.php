<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use Generator;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;

/**
 * The pulls that put every mark on the wall with the fewest hookings, then the least walk, then the least tape out.
 */
final readonly class Pulls
{
    /** No wall needs more. */
    private const MOST = 3;

    /**
     * @param  list<Pull>  $pulls  in the order they are made
     * @param  Length  $walk  from each hook to its farthest mark and on to the next
     * @param  array{hookings: int, walk: Length}  $naive  each mark alone from the first hook, there and back
     */
    private function __construct(public array $pulls, public Length $walk, public array $naive, public Hook $first) {}

    /**
     * @param  list<TapeMark>  $marks
     * @param  non-empty-list<Hook>  $hooks  the first is what one would take without thinking
     * @param  list<string>  $kept  the pulls that the user chose, hook and way: they stay, and others come in only
     *   where these do not reach
     */
    public static function of(array $marks, array $hooks, Length $tape, Length $step, array $kept = []): self
    {
        $pairs = [];
        foreach ($hooks as $hook) {
            foreach ($hook->ways as $way) {
                $pairs[] = [$hook, $way];
            }
        }
        $keeps = array_keys(array_filter($pairs, fn (array $pair) => in_array($pair[0]->pull($pair[1]), $kept, true)));
        $best = null;
        $bestCost = [PHP_INT_MAX, 0, 0];
        foreach (self::choices(count($pairs)) as $choice) {
            if (array_diff($keeps, $choice) !== []) {
                continue;
            }
            $chosenPairs = array_map(fn (int $i) => $pairs[$i], $choice);
            $hookings =
                count($choice) +
                count(
                    array_unique(
                        array_map(
                            fn (array $pair) => $pair[0]->id,
                            array_filter($chosenPairs, fn (array $pair) => $pair[0]->carried),
                        ),
                    ),
                );
            if ($hookings > $bestCost[0]) {
                continue;
            }
            foreach (self::reaches($marks, $chosenPairs, $tape) as $reaches) {
                foreach (self::orders(array_keys($chosenPairs)) as $order) {
                    $walk = self::walk($chosenPairs, $reaches, $order);
                    $cost = [$hookings, $walk, array_sum($reaches)];
                    if ($cost < $bestCost) {
                        [$best, $bestCost] = [[$chosenPairs, $reaches, $order], $cost];
                    }
                }
            }
        }
        [$pulls, $walk] =
            $best === null
                ? [[], Length::zero()]
                : [self::pulls($marks, $best[0], $best[1], $best[2], $step), Length::nm($bestCost[1])];
        $alone = array_unique(array_map(fn (TapeMark $mark) => $mark->place->nm, $marks));

        return new self(
            $pulls,
            $walk,
            [
                'hookings' => count($alone),
                'walk' => array_reduce(
                    $alone,
                    fn (Length $sum, int $nm) => $sum->plus(
                        Length::nm($nm)->minus($hooks[0]->at)->absolute()->times(2),
                    ),
                    Length::zero(),
                ),
            ],
            $hooks[0],
        );
    }

    /**
     * Every hook a wall offers, the best first: corners, a pencil line, jambs, casings, the middle of the opening.
     *
     * @param  ?Length  $line  a pencil line above everything
     * @return non-empty-list<Hook>
     */
    public static function hooks(Plan $plan, ?Length $line = null, bool $railIsUp = false): array
    {
        $survey = $plan->doorway->survey;
        $jambs = $plan->room->opening->span();
        $casing = $plan->room->opening->casing;
        $both = [1, -1];
        $hooks = [];
        if (! $survey->leftEnd->isOpen()) {
            $hooks[] = new Hook('corner-l', $plan->room->wall->low, false, [1]);
        }
        if (! $survey->rightEnd->isOpen()) {
            $hooks[] = new Hook('corner-r', $plan->room->wall->high, false, [-1]);
        }
        if ($line !== null) {
            $hooks[] = new Hook('line', $line, false, $both);
        }
        if ($railIsUp) {
            $hooks[] = new Hook('rail-l', $plan->rail->span->low, false, $both);
            $hooks[] = new Hook('rail-r', $plan->rail->span->high, false, $both);
        }

        return [
            ...$hooks,
            new Hook('jamb-l', $jambs->low, true, $both),
            new Hook('jamb-r', $jambs->high, true, $both),
            new Hook('casing-l', $jambs->low->minus($casing->left), true, $both),
            new Hook('casing-r', $jambs->high->plus($casing->right), true, $both),
            new Hook('middle', $jambs->middle(), true, $both),
        ];
    }

    /**
     * A board or a rail is measured from its ends, from the left one if nothing else is said.
     *
     * @return non-empty-list<Hook>
     */
    public static function ends(Length $long, bool $fromRight = false): array
    {
        return $fromRight ? [new Hook('end-r', $long, false, [-1])] : [new Hook('end-l', Length::zero(), false, [1])];
    }

    /**
     * On the floor nothing is carried: the jambs are there, and the corners.
     *
     * @return non-empty-list<Hook>
     */
    public static function floorHooks(Plan $plan): array
    {
        $jambs = $plan->room->opening->span();
        $corners = array_filter(self::hooks($plan), fn (Hook $hook) => str_starts_with($hook->id, 'corner'));

        return [
            new Hook('jamb-l', $jambs->low, false, [1, -1]),
            new Hook('jamb-r', $jambs->high, false, [1, -1]),
            ...array_values($corners),
        ];
    }

    public function hookings(): int
    {
        return count($this->pulls);
    }

    public function carriedHooks(): int
    {
        return self::carried($this->pulls);
    }

    /** @param  list<Pull>  $pulls */
    private static function carried(array $pulls): int
    {
        return count(
            array_unique(
                array_map(
                    fn (Pull $pull) => $pull->hook->id,
                    array_filter($pulls, fn (Pull $pull) => $pull->hook->carried),
                ),
            ),
        );
    }

    /**
     * How far each pull goes, in every way that leaves no mark out: as far as one of its marks.
     *
     * @param  list<TapeMark>  $marks
     * @param  list<array{Hook, 1|-1}>  $pairs
     * @return Generator<list<int>> reaches in nanometres
     */
    private static function reaches(array $marks, array $pairs, Length $tape): Generator
    {
        $readings = array_map(
            fn (array $pair) => array_map(
                fn (TapeMark $mark) => ($mark->place->nm - $pair[0]->at->nm) * $pair[1],
                $marks,
            ),
            $pairs,
        );
        $stops = array_map(
            fn (array $all) => array_values(
                array_unique(array_filter($all, fn (int $nm) => $nm >= 0 && $nm <= $tape->nm)),
            ),
            $readings,
        );
        if (in_array([], $stops, true)) {
            return;
        }
        $at = array_fill(0, count($pairs), 0);
        while (true) {
            $reach = array_map(fn (int $i, array $all) => $all[$i], $at, $stops);
            $covers = true;
            foreach (array_keys($marks) as $m) {
                $isIn = false;
                foreach ($reach as $p => $nm) {
                    $isIn = $isIn || ($readings[$p][$m] >= 0 && $readings[$p][$m] <= $nm);
                }
                if (! $isIn) {
                    $covers = false;
                    break;
                }
            }
            if ($covers) {
                yield $reach;
            }
            for ($i = count($at) - 1; $i >= 0 && ++$at[$i] === count($stops[$i]); $i--) {
                $at[$i] = 0;
            }
            if ($i < 0) {
                return;
            }
        }
    }

    /**
     * Each mark is read on the pull that reads it shortest.
     *
     * @param  list<TapeMark>  $marks
     * @param  list<array{Hook, 1|-1}>  $pairs
     * @param  list<int>  $reaches
     * @param  list<int>  $order
     * @return list<Pull>
     */
    private static function pulls(array $marks, array $pairs, array $reaches, array $order, Length $step): array
    {
        $taken = [];
        foreach ($marks as $mark) {
            $best = null;
            foreach ($pairs as $i => [$hook, $way]) {
                $reading = $mark->place->minus($hook->at)->times($way);
                if (
                    ! $reading->isNegative() &&
                    $reading->nm <= $reaches[$i] &&
                    ($best === null || $reading->isUnder($best[1]))
                ) {
                    $best = [$i, $reading];
                }
            }
            if ($best !== null) {
                $taken[$best[0]][] = Reading::of($mark, $best[1], $step, $pairs[$best[0]][1]);
            }
        }
        $pulls = [];
        foreach ($order as $i) {
            $readings = $taken[$i] ?? [];
            usort($readings, fn (Reading $a, Reading $b) => $a->reading->nm <=> $b->reading->nm);
            if ($readings !== []) {
                $pulls[] = new Pull($pairs[$i][0], $pairs[$i][1], $readings);
            }
        }

        return $pulls;
    }

    /**
     * @param  list<array{Hook, 1|-1}>  $pairs
     * @param  list<int>  $reaches
     * @param  list<int>  $order
     */
    private static function walk(array $pairs, array $reaches, array $order): int
    {
        $walk = 0;
        foreach ($order as $n => $i) {
            $walk += $reaches[$i];
            if (isset($order[$n + 1])) {
                $walk += abs($pairs[$order[$n + 1]][0]->at->nm - $pairs[$i][0]->at->nm - $reaches[$i] * $pairs[$i][1]);
            }
        }

        return $walk;
    }

    /** @return Generator<list<int>> every choice of up to MOST, the fewest and the first first */
    private static function choices(int $of): Generator
    {
        for ($size = 1; $size <= min($of, self::MOST); $size++) {
            $choice = range(0, $size - 1);
            while (true) {
                yield array_values($choice);
                for ($i = $size - 1; $i >= 0 && $choice[$i] === $of - $size + $i; $i--);
                if ($i < 0) {
                    break;
                }
                $choice[$i]++;
                for ($j = $i + 1; $j < $size; $j++) {
                    $choice[$j] = $choice[$j - 1] + 1;
                }
            }
        }
    }

    /**
     * @param  list<int>  $pulls
     * @return list<list<int>>
     */
    private static function orders(array $pulls): array
    {
        if (count($pulls) < 2) {
            return [$pulls];
        }
        $orders = [];
        foreach ($pulls as $i => $first) {
            $rest = $pulls;
            array_splice($rest, $i, 1);
            foreach (self::orders($rest) as $order) {
                $orders[] = [$first, ...$order];
            }
        }

        return $orders;
    }
}
