<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

/** No plan of these tasks with this crew ends sooner: by the longest way, by the crew's hours, by what takes two, by one wall. */
final readonly class Bound
{
    private function __construct(public int $path, public int $work, public int $together, public int $wall) {}

    public function end(): int
    {
        return max($this->path, $this->work, $this->together, $this->wall);
    }

    /**
     * @param  array<string, Task>  $tasks  each after those it comes after
     * @param  array<int, Person>  $crew
     * @param  array<string, int>  $tails  the longest way of minutes and waits after each
     *
     * @throws CannotStaff where so many are never there at once
     */
    public static function of(array $tasks, array $crew, array $tails, int $from): self
    {
        $heads = [];
        $path = 0;
        foreach ($tasks as $id => $task) {
            $at = max($from, $task->earliest);
            foreach ($task->after as $before => $wait) {
                $at = max($at, isset($heads[$before]) ? $heads[$before] + $tasks[$before]->minutes + $wait : 0);
            }
            $heads[$id] = $task->standsAt ?? self::together($crew, $task->people, $at, $task->minutes) ?? throw CannotStaff::tooFew($task, count($crew));
            $path = max($path, $heads[$id] + $task->minutes + $tails[$id]);
        }
        $two = intdiv(count($crew), 2) + 1;

        return new self(
            $path,
            self::filled($tasks, $heads, $tails, fn (Task $task) => $task->minutes * $task->people, fn (int $h, int $minutes) => self::crewHas($crew, $h, $minutes, 1)),
            self::filled(array_filter($tasks, fn (Task $task) => 2 * $task->people > count($crew) && $task->people > 1), $heads, $tails, fn (Task $task) => $task->minutes, fn (int $h, int $minutes) => self::crewHas($crew, $h, $minutes, min($two, 2))),
            max(0, ...array_map(fn (string $doorway) => self::filled(array_filter($tasks, fn (Task $task) => $task->isAtWall && $task->doorway === $doorway), $heads, $tails, fn (Task $task) => $task->minutes, fn (int $h, int $minutes) => self::anyone($crew, $h, $minutes)), array_values(array_unique(array_map(fn (Task $task) => $task->doorway, $tasks))))),
        );
    }

    /**
     * The soonest moment at which so many are there for so long in one stretch; null where they never are.
     *
     * @param  array<int, Person>  $crew
     */
    private static function together(array $crew, int $people, int $at, int $minutes): ?int
    {
        for ($day = intdiv($at, DayPlan::DAY); $day <= intdiv($at, DayPlan::DAY) + 1; $day++) {
            $starts = [];
            foreach ($crew as $person) {
                foreach ($person->hours as [$from]) {
                    $starts[] = max($at, $day * DayPlan::DAY + $from);
                }
            }
            sort($starts);
            foreach ($starts as $start) {
                $there = array_filter($crew, fn (Person $person) => array_filter($person->hours, fn (array $hours) => $day * DayPlan::DAY + $hours[0] <= $start && $start + $minutes <= $day * DayPlan::DAY + $hours[1]) !== []);
                if (count($there) >= $people) {
                    return $start;
                }
            }
        }

        return null;
    }

    /**
     * Over every head h and tail q: when the tasks that begin no sooner and end no later have had their minutes, and q after that.
     *
     * @param  array<string, Task>  $tasks
     * @param  array<string, int>  $heads
     * @param  array<string, int>  $tails
     * @param  callable(Task): int  $minutes
     * @param  callable(int, int): int  $when
     */
    private static function filled(array $tasks, array $heads, array $tails, callable $minutes, callable $when): int
    {
        $best = 0;
        uasort($tasks, fn (Task $a, Task $b) => $tails[$b->id] <=> $tails[$a->id]);
        foreach (array_unique(array_map(fn (Task $task) => $heads[$task->id], $tasks)) as $h) {
            $sum = 0;
            foreach ($tasks as $id => $task) {
                if ($heads[$id] >= $h) {
                    $sum += $minutes($task);
                    $best = max($best, $when($h, $sum) + $tails[$id]);
                }
            }
        }

        return $best;
    }

    /**
     * When hours of at least so many have held so many minutes; with one, the minutes of all of them are counted together.
     *
     * @param  array<int, Person>  $crew
     */
    private static function crewHas(array $crew, int $from, int $minutes, int $least): int
    {
        for ($day = intdiv($from, DayPlan::DAY); ; $day++) {
            $turns = [];
            foreach ($crew as $person) {
                foreach ($person->hours as [$a, $b]) {
                    $turns[] = $day * DayPlan::DAY + $a;
                    $turns[] = $day * DayPlan::DAY + $b;
                }
            }
            $turns = array_values(array_unique($turns));
            sort($turns);
            for ($i = 1; $i < count($turns); $i++) {
                $start = max($from, $turns[$i - 1]);
                $there = count(array_filter($crew, fn (Person $person) => array_filter($person->hours, fn (array $hours) => $day * DayPlan::DAY + $hours[0] <= $turns[$i - 1] && $turns[$i] <= $day * DayPlan::DAY + $hours[1]) !== []));
                $rate = $least === 1 ? $there : ($there >= $least ? 1 : 0);
                if ($start < $turns[$i] && $rate > 0) {
                    if ($rate * ($turns[$i] - $start) >= $minutes) {
                        return $start + intdiv($minutes + $rate - 1, $rate);
                    }
                    $minutes -= $rate * ($turns[$i] - $start);
                }
            }
        }
    }

    /** @param  array<int, Person>  $crew */
    private static function anyone(array $crew, int $from, int $minutes): int
    {
        return min(array_map(fn (Person $person) => $person->after($from, $minutes), $crew) ?: [$from]);
    }
}
