<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

use Closure;
use YokeLine\Chance;

/**
 * The steps of several doorways in the hours of a crew: waits kept, two-person steps when two are there, one at a time at a wall.
 *
 * Placed one by one by the longest way that still follows, then tried again with the order shaken, the best kept: by the last end, by how many
 * person-visits there are, by how long anyone stands about.
 */
final readonly class DayPlan
{
    public const DAY = 1440;

    /** How often the order is shaken: fewer leave three people on two sites over 15 % of the bound. */
    public const ROUNDS = 80;

    /**
     * @param  array<string, Placed>  $placed  by task
     * @param  array<int, Person>  $crew
     */
    private function __construct(public array $placed, public array $crew, public Bound $bound, private int $from) {}

    /**
     * @param  list<Task>  $tasks
     * @param  list<Person>  $people
     * @param  array<string, int>  $travel  working minutes, `from-to`
     * @param  Closure(): float  $chance  numbers from 0 to 1, handed in
     * @param  int  $rounds  how often the order is shaken
     * @param  int  $from  nothing begins sooner
     *
     * @throws CannotStaff
     */
    public static function of(array $tasks, array $people, array $travel, Closure $chance, int $rounds = self::ROUNDS, int $from = 0): self
    {
        $crew = array_column($people, null, 'id');
        $longest = max(array_map(fn (Person $person) => max(array_map(fn (array $hours) => $hours[1] - $hours[0], $person->hours)), $people) ?: [0]);
        $tasks = array_column(array_map(fn (Task $task) => $task->earliest >= $from || $task->standsAt !== null ? $task : new Task($task->id, $task->minutes, $task->people, $task->doorway, $task->site, $task->isAtWall, $task->after, $from), $tasks), null, 'id');
        foreach ($tasks as $task) {
            $task->people <= count($crew) || throw CannotStaff::tooFew($task, count($crew));
            $task->minutes <= $longest || $task->standsAt !== null || throw CannotStaff::longerThanAnyStretch($task);
        }
        $tasks = self::inOrder($tasks);
        $tails = self::tails($tasks);
        $bound = Bound::of($tasks, $crew, $tails, $from);
        $order = array_map(floatval(...), $tails);
        $where = [];
        $best = new self(self::placed($tasks, $order, new Placing($crew, $travel, fn () => 1.0)), $crew, $bound, $from);
        $sites = array_values(array_unique(array_map(fn (Task $task) => $task->site, $tasks)));
        for ($round = 0; $round < $rounds; $round++) {
            $shaken = self::shaken($order, $tasks, $chance);
            $there = count($sites) === 1 ? [] : Whereabouts::next($round, $where, $crew, $sites, intdiv($from, self::DAY), intdiv($best->end(), self::DAY), $chance);
            $plan = new self(self::placed($tasks, $shaken, new Placing($crew, $travel, $chance, $there)), $crew, $bound, $from);
            if ($plan->rank() < $best->rank()) {
                [$best, $order, $where] = [$plan, $shaken, $there];
            }
        }

        return $best;
    }

    /**
     * The same, and no step that was set by hand breaks a rule: one that would is placed as soon from there on as it can be.
     *
     * @param  list<Task>  $tasks
     * @param  list<Person>  $people
     * @param  array<string, int>  $travel  working minutes, `from-to`
     * @param  int  $seed  of the chance: a plan that nothing changed stays as it is
     * @return array{self, list<string>} the plan, and the steps that could not stand where they were set
     *
     * @throws CannotStaff
     */
    public static function lawful(array $tasks, array $people, array $travel, int $seed, int $rounds, int $from): array
    {
        $notThen = [];
        do {
            $plan = self::of($tasks, $people, $travel, (new Chance($seed))->next(...), $rounds, $from);
            $unlawful = $plan->unlawful();
            $notThen = [...$notThen, ...$unlawful];
            $tasks = array_map(fn (Task $task) => in_array($task->id, $unlawful, true) ? new Task($task->id, $task->minutes, $task->people, $task->doorway, $task->site, $task->isAtWall, $task->after, (int) $task->standsAt) : $task, $tasks);
        } while ($unlawful !== []);

        return [$plan, $notThen];
    }

    /**
     * The order with some of it changed, and now and then a whole site put before or behind the others.
     *
     * @param  array<string, float>  $order
     * @param  array<string, Task>  $tasks
     * @param  Closure(): float  $chance
     * @return array<string, float>
     */
    private static function shaken(array $order, array $tasks, Closure $chance): array
    {
        $sites = array_map(fn () => $chance() < 0.4 ? 0.3 + 1.4 * $chance() : 1.0, array_flip(array_unique(array_map(fn (Task $task) => $task->site, $tasks))));
        $shaken = [];
        foreach ($order as $id => $tail) {
            $shaken[$id] = $tail * ($chance() < 0.25 ? 0.7 + 0.6 * $chance() : 1.0) * $sites[$tasks[$id]->site];
        }

        return $shaken;
    }

    public function end(): int
    {
        return max(array_map(fn (Placed $placed) => $placed->end(), $this->placed) ?: [$this->from]);
    }

    /** @return list<string> steps that stand where they may not: before what they come after, out of hours, or with people who are elsewhere */
    private function unlawful(): array
    {
        $found = [];
        foreach ($this->placed as $id => $placed) {
            if ($placed->task->standsAt === null) {
                continue;
            }
            $tooSoon = array_filter($placed->task->after, fn (int $wait, string $before) => isset($this->placed[$before]) && $this->placed[$before]->end() + $wait > $placed->start, ARRAY_FILTER_USE_BOTH) !== [];
            $outOfHours = array_filter($placed->people, fn (int $person) => ! isset($this->crew[$person]) || $this->crew[$person]->worked($placed->start, $placed->end()) < $placed->task->minutes) !== [];
            $twice = array_filter($this->placed, fn (Placed $other) => $other !== $placed && $other->task->standsAt !== null && $other->start < $placed->end() && $placed->start < $other->end() && ($other->start < $placed->start || ($other->start === $placed->start && $other->task->id < $placed->task->id))
                && (array_intersect($other->people, $placed->people) !== [] || ($other->task->isAtWall && $placed->task->isAtWall && $other->task->doorway === $placed->task->doorway))) !== [];
            if ($tooSoon || $outOfHours || $twice) {
                $found[] = $id;
            }
        }

        return $found;
    }

    /** How often anyone is at a site on a day. */
    public function visits(): int
    {
        $visits = [];
        foreach ($this->placed as $placed) {
            foreach ($placed->people as $person) {
                $visits[$person.' '.intdiv($placed->start, self::DAY).' '.$placed->task->site] = true;
            }
        }

        return count($visits);
    }

    /** Minutes of their hours between their first and their last step of a day that people do nothing in. */
    public function idle(): int
    {
        $idle = 0;
        foreach ($this->crew as $person) {
            foreach ($this->days($person->id) as $steps) {
                $idle += $person->worked($steps[0]->start, $steps[count($steps) - 1]->end()) - array_sum(array_map(fn (Placed $placed) => $placed->task->minutes, $steps));
            }
        }

        return $idle;
    }

    /** How far the end is over the bound, of the working minutes till then. */
    public function gap(): float
    {
        $person = array_values($this->crew)[0];
        $to = $person->worked($this->from, $this->bound->end());

        return $to === 0 ? 0.0 : $person->worked($this->bound->end(), $this->end()) / $to;
    }

    /** @return array<int, list<Placed>> by day, ascending, the steps of one person */
    public function days(int $person): array
    {
        $days = [];
        $steps = array_filter($this->placed, fn (Placed $placed) => in_array($person, $placed->people, true));
        usort($steps, fn (Placed $a, Placed $b) => $a->start <=> $b->start);
        foreach ($steps as $placed) {
            $days[intdiv($placed->start, self::DAY)][] = $placed;
        }
        ksort($days);

        return $days;
    }

    /** @return list<string> what holds the end where it is, from the last step back: a wait, a person, a wall */
    public function criticalChain(): array
    {
        $chain = [];
        $at = array_reduce($this->placed, fn (?Placed $last, Placed $one) => $last === null || $one->end() > $last->end() ? $one : $last);
        while ($at !== null) {
            array_unshift($chain, $at->task->id);
            $at = $this->holds($at);
        }

        return $chain;
    }

    /** The step that, by its end and what is waited after it, keeps another from beginning sooner. */
    private function holds(Placed $step): ?Placed
    {
        $best = null;
        $latest = -1;
        foreach ($this->placed as $other) {
            $until = $other->end() + ($step->task->after[$other->task->id] ?? 0);
            $binds = isset($step->task->after[$other->task->id]) || array_intersect($other->people, $step->people) !== [] || ($other->task->isAtWall && $step->task->isAtWall && $other->task->doorway === $step->task->doorway);
            if ($binds && $other->task->id !== $step->task->id && $other->end() <= $step->start && $until <= $step->start && $until > $latest) {
                [$best, $latest] = [$other, $until];
            }
        }

        return $best;
    }

    /** @return array{int, int, int} */
    private function rank(): array
    {
        return [$this->end(), $this->visits(), $this->idle()];
    }

    /**
     * @param  array<string, Task>  $tasks
     * @param  array<string, float>  $order  the greatest first
     * @return array<string, Placed>
     */
    private static function placed(array $tasks, array $order, Placing $placing): array
    {
        // What stands is there before anything else is placed.
        foreach ($tasks as $task) {
            if ($task->standsAt !== null) {
                $placing->place($task);
            }
        }
        $waits = [];
        $next = [];
        foreach ($tasks as $id => $task) {
            $waits[$id] = count(array_intersect_key($task->after, $tasks));
            foreach (array_keys($task->after) as $before) {
                $next[$before][] = $id;
            }
        }
        $open = array_filter($order, fn (string $id) => $waits[$id] === 0, ARRAY_FILTER_USE_KEY);
        while ($open !== []) {
            $id = (string) array_search(max($open), $open, true);
            unset($open[$id]);
            if (! isset($placing->placed[$id])) {
                $placing->place($tasks[$id]);
            }
            foreach ($next[$id] ?? [] as $after) {
                if (--$waits[$after] === 0) {
                    $open[$after] = $order[$after];
                }
            }
        }

        return $placing->placed;
    }

    /**
     * Each after those it comes after.
     *
     * @param  array<string, Task>  $tasks
     * @return array<string, Task>
     */
    private static function inOrder(array $tasks): array
    {
        $sorted = [];
        $visit = function (string $id, array $path) use (&$visit, &$sorted, $tasks): void {
            if (isset($sorted[$id])) {
                return;
            }
            ! isset($path[$id]) || throw CannotStaff::goesRound($id);
            foreach (array_keys($tasks[$id]->after) as $before) {
                if (isset($tasks[$before])) {
                    $visit((string) $before, [...$path, $id => true]);
                }
            }
            $sorted[$id] = $tasks[$id];
        };
        foreach (array_keys($tasks) as $id) {
            $visit((string) $id, []);
        }

        return $sorted;
    }

    /**
     * @param  array<string, Task>  $tasks  each after those it comes after
     * @return array<string, int> the longest way of minutes and waits after each
     */
    private static function tails(array $tasks): array
    {
        $tails = array_fill_keys(array_keys($tasks), 0);
        foreach (array_reverse($tasks, true) as $id => $task) {
            foreach ($task->after as $before => $wait) {
                if (isset($tails[$before])) {
                    $tails[$before] = max($tails[$before], $wait + $task->minutes + $tails[$id]);
                }
            }
        }

        return $tails;
    }
}
