<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

use Closure;
use YokeLine\Measure\SeededRandom;

/**
 * The steps of several doorways in the hours of a crew: waits kept, two-person steps when two are there, one at a time
 * at a wall.
 *
 * Placed one by one by the longest way that still follows, then better and better; a few steps in every way there is.
 * The best ends soonest, then
 * has the fewest person-visits, then the least standing about.
 */
final readonly class DayPlan
{
    public const DAY = 1440;

    /** So many steps are placed while a better plan is looked for: half a second's worth, beyond which little comes. */
    public const EFFORT = 60_000;

    /** As many as are tried in every way. */
    private const FEW = 6;

    /**
     * @param  array<string, Placed>  $placed  by task
     * @param  array<int, Person>  $crew
     * @param  int  $soonest  no plan ends before
     */
    private function __construct(
        public array $placed,
        public array $crew,
        public Bound $bound,
        public int $soonest,
        private int $from,
    ) {}

    /**
     * @param  list<Task>  $tasks
     * @param  list<Person>  $people
     * @param  array<string, int>  $travel  working minutes, `from-to`
     * @param  Closure(): float  $chance  numbers from 0 to 1, handed in
     * @param  int  $effort  steps that may be placed; with none, the first plan is taken
     * @param  int  $from  nothing begins sooner
     *
     * @throws CannotStaff
     */
    public static function of(
        array $tasks,
        array $people,
        array $travel,
        Closure $chance,
        int $effort = self::EFFORT,
        int $from = 0,
    ): self {
        $crew = array_column($people, null, 'id');
        $longest = max(
            array_map(
                fn (Person $person) => max(array_map(fn (array $hours) => $hours[1] - $hours[0], $person->hours)),
                $people,
            ) ?: [0],
        );
        foreach ($tasks as $task) {
            $task->people <= count($crew) || throw CannotStaff::tooFew($task, count($crew));
            $task->minutes <= $longest || $task->standsAt !== null || throw CannotStaff::longerThanAnyStretch($task);
        }
        $tasks = array_column($tasks, null, 'id');
        $steps = Steps::of($tasks, $crew, $travel, $from);
        $order = array_map(fn (int $tail, int $minutes) => (float) $tail + $minutes, $steps->tails(), $steps->minutes);
        $first = Placing::all($steps, $order);
        $soonest = Refutation::soonestEnd($steps, $first->end());
        $best = $effort === 0 ? $first : Search::best($steps, $order, $chance, $effort, $soonest);
        if ($effort > 0 && count($tasks) <= self::FEW) {
            $best = Exact::best($steps, $best);
            $soonest = $best->end();
        }

        return new self(
            self::placed($tasks, $steps, $best, array_keys($crew)),
            $crew,
            Bound::of($steps),
            $soonest,
            $from,
        );
    }

    /**
     * @param  array<string, Task>  $tasks
     * @param  list<int>  $crew  ids
     * @return array<string, Placed>
     */
    private static function placed(array $tasks, Steps $steps, Placing $placing, array $crew): array
    {
        $placed = [];
        foreach ($placing->starts as $step => $start) {
            $people = array_map(fn (int $person) => $crew[$person], $placing->with[$step]);
            sort($people);
            $placed[$steps->ids[$step]] = new Placed($tasks[$steps->ids[$step]], $start, $people);
        }

        return $placed;
    }

    /**
     * The same, and no step that was set by hand breaks a rule: one that would is placed as soon from there on as it
     * can be.
     *
     * @param  list<Task>  $tasks
     * @param  list<Person>  $people
     * @param  array<string, int>  $travel  working minutes, `from-to`
     * @param  int  $seed  of the chance: a plan that nothing changed stays as it is
     * @return array{self, list<string>} the plan, and the steps that could not stand where they were set
     *
     * @throws CannotStaff
     */
    public static function lawful(array $tasks, array $people, array $travel, int $seed, int $effort, int $from): array
    {
        $notThen = [];
        do {
            $plan = self::of($tasks, $people, $travel, (new SeededRandom($seed))->next(...), $effort, $from);
            $unlawful = $plan->unlawful();
            $notThen = [...$notThen, ...$unlawful];
            $tasks = array_map(
                fn (Task $task) => in_array($task->id, $unlawful, true)
                    ? new Task(
                        $task->id,
                        $task->minutes,
                        $task->people,
                        $task->doorway,
                        $task->site,
                        $task->isAtWall,
                        $task->after,
                        (int) $task->standsAt,
                    )
                    : $task,
                $tasks,
            );
        } while ($unlawful !== []);

        return [$plan, $notThen];
    }

    public function end(): int
    {
        return max(array_map(fn (Placed $placed) => $placed->end(), $this->placed) ?: [$this->from]);
    }

    /**
     * @return list<string> steps that stand where they may not: before what they come after, out of hours, or with
     * people who are elsewhere
     */
    private function unlawful(): array
    {
        $found = [];
        foreach ($this->placed as $id => $placed) {
            if ($placed->task->standsAt === null) {
                continue;
            }
            $tooSoon =
                array_filter(
                    $placed->task->after,
                    fn (int $wait, string $before) => isset($this->placed[$before]) &&
                        $this->placed[$before]->end() + $wait > $placed->start,
                    ARRAY_FILTER_USE_BOTH,
                ) !== [];
            $outOfHours =
                array_filter(
                    $placed->people,
                    fn (int $person) => ! isset($this->crew[$person]) ||
                        $this->crew[$person]->worked($placed->start, $placed->end()) < $placed->task->minutes,
                ) !== [];
            $twice =
                array_filter(
                    $this->placed,
                    fn (Placed $other) => $other !== $placed &&
                        $other->task->standsAt !== null &&
                        $other->start < $placed->end() &&
                        $placed->start < $other->end() &&
                        ($other->start < $placed->start ||
                            ($other->start === $placed->start && $other->task->id < $placed->task->id)) &&
                        (array_intersect($other->people, $placed->people) !== [] ||
                            ($other->task->isAtWall &&
                                $placed->task->isAtWall &&
                                $other->task->doorway === $placed->task->doorway)),
                ) !== [];
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
                $idle +=
                    $person->worked($steps[0]->start, $steps[count($steps) - 1]->end()) -
                    array_sum(array_map(fn (Placed $placed) => $placed->task->minutes, $steps));
            }
        }

        return $idle;
    }

    /** How far the end is over the soonest there could be, of the working minutes till then. */
    public function gap(): float
    {
        $anyone = Capacity::together(array_values(array_map(fn (Person $person) => $person->hours, $this->crew)), 1);
        $to = $anyone->till($this->soonest) - $anyone->till($this->from);

        return $to === 0 ? 0.0 : ($anyone->till($this->end()) - $anyone->till($this->soonest)) / $to;
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
        $at = array_reduce(
            $this->placed,
            fn (?Placed $last, Placed $one) => $last === null || $one->end() > $last->end() ? $one : $last,
        );
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
            $binds =
                isset($step->task->after[$other->task->id]) ||
                array_intersect($other->people, $step->people) !== [] ||
                ($other->task->isAtWall && $step->task->isAtWall && $other->task->doorway === $step->task->doorway);
            if (
                $binds &&
                $other->task->id !== $step->task->id &&
                $other->end() <= $step->start &&
                $until <= $step->start &&
                $until > $latest
            ) {
                [$best, $latest] = [$other, $until];
            }
        }

        return $best;
    }
}
