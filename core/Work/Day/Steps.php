<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

/** Tasks by number, each after those it comes after, and the crew by number: what placing asks again and again. */
final readonly class Steps
{
    /**
     * @var array<int, list<array{int, int}>> by people: stretches of a day in which so many are there from first to
     * last
     */
    private array $windows;

    /**
     * @param  list<string>  $ids
     * @param  list<int>  $minutes
     * @param  list<int>  $people
     * @param  list<int>  $walls  number of the doorway whose wall it is at, -1 at the bench
     * @param  list<int>  $sites
     * @param  list<int>  $earliest
     * @param  list<array<int, int>>  $before  by step: what goes before it, and the wait after that
     * @param  list<array<int, int>>  $then  by step: what it goes before, and the wait till then
     * @param  array<int, array{int, list<int>}>  $standing  by step: where it stands, and with whom
     * @param  list<non-empty-list<array{int, int}>>  $hours  of each of the crew
     * @param  list<list<int>>  $travel  working minutes from site to site
     */
    private function __construct(
        public array $ids,
        public array $minutes,
        public array $people,
        public array $walls,
        public array $sites,
        public array $earliest,
        public array $before,
        public array $then,
        public array $standing,
        public array $hours,
        public array $travel,
    ) {
        $this->windows = self::windows($hours);
    }

    /**
     * @param  array<string, Task>  $tasks
     * @param  array<int, Person>  $crew
     * @param  array<string, int>  $travel  `from-to`
     *
     * @throws CannotStaff
     */
    public static function of(array $tasks, array $crew, array $travel, int $from): self
    {
        $tasks = self::inOrder($tasks);
        $number = array_flip(array_keys($tasks));
        $person = array_flip(array_keys($crew));
        $doorways = array_flip(array_values(array_unique(array_map(fn (Task $task) => $task->doorway, $tasks))));
        $sites = array_flip(array_values(array_unique(array_map(fn (Task $task) => $task->site, $tasks))));
        $then = array_fill(0, count($tasks), []);
        $before = array_fill(0, count($tasks), []);
        $standing = [];
        foreach (array_values($tasks) as $n => $task) {
            foreach (array_intersect_key($task->after, $tasks) as $id => $wait) {
                $before[$n][$number[$id]] = $then[$number[$id]][$n] = $wait;
            }
            if ($task->standsAt !== null) {
                $standing[$n] = [
                    $task->standsAt,
                    array_values(
                        array_map(fn (int $id) => $person[$id], array_intersect($task->standsWith, array_keys($crew))),
                    ),
                ];
            }
        }
        $steps = new self(
            array_keys($tasks),
            self::each($tasks, fn (Task $task) => $task->minutes),
            self::each($tasks, fn (Task $task) => $task->people),
            self::each($tasks, fn (Task $task) => $task->isAtWall ? $doorways[$task->doorway] : -1),
            self::each($tasks, fn (Task $task) => $sites[$task->site]),
            self::each($tasks, fn (Task $task) => max($from, $task->earliest)),
            $before,
            $then,
            $standing,
            array_values(array_map(fn (Person $one) => $one->hours, $crew)),
            array_map(
                fn (int|string $a) => array_map(fn (int|string $b) => $travel["{$a}-{$b}"] ?? 0, array_keys($sites)),
                array_keys($sites),
            ),
        );
        foreach (array_values($tasks) as $n => $task) {
            isset($steps->standing[$n]) ||
                $steps->soonestStart($n, $steps->earliest[$n]) !== PHP_INT_MAX ||
                throw CannotStaff::tooFew($task, count($crew));
        }

        return $steps;
    }

    /**
     * @param  array<string, Task>  $tasks
     * @param  callable(Task): int  $what
     * @return list<int>
     */
    private static function each(array $tasks, callable $what): array
    {
        return array_values(array_map($what, $tasks));
    }

    public function count(): int
    {
        return count($this->ids);
    }

    /** Seen from the end back, in days that run backwards: what ends last begins first. */
    public function backwards(int $end): self
    {
        $midnight = (intdiv($end, DayPlan::DAY) + 1) * DayPlan::DAY;
        $standing = [];
        foreach ($this->standing as $step => [$start, $people]) {
            $standing[$step] = [$midnight - $start - $this->minutes[$step], $people];
        }

        return new self(
            $this->ids,
            $this->minutes,
            $this->people,
            $this->walls,
            $this->sites,
            array_fill(0, $this->count(), $midnight - $end),
            $this->then,
            $this->before,
            $standing,
            array_map(
                fn (array $hours) => array_reverse(
                    array_map(fn (array $stretch) => [DayPlan::DAY - $stretch[1], DayPlan::DAY - $stretch[0]], $hours),
                ),
                $this->hours,
            ),
            array_map(fn (int $site) => array_column($this->travel, $site), array_keys($this->travel)),
        );
    }

    /** @return array<int, int> by step: the longest way of minutes and waits after it */
    public function tails(): array
    {
        $tails = [];
        for ($step = $this->count() - 1; $step >= 0; $step--) {
            $tails[$step] = 0;
            foreach ($this->then[$step] as $after => $wait) {
                $tails[$step] = max($tails[$step], $wait + $this->minutes[$after] + $tails[$after]);
            }
        }

        ksort($tails);

        return $tails;
    }

    /** @return list<int> by step: the soonest start, were it alone with what goes before it */
    public function heads(): array
    {
        $heads = [];
        for ($step = 0; $step < $this->count(); $step++) {
            $at = $this->earliest[$step];
            foreach ($this->before[$step] as $before => $wait) {
                $at = max($at, $heads[$before] + $this->minutes[$before] + $wait);
            }
            $heads[] = $this->standing[$step][0] ?? $this->soonestStart($step, $at);
        }

        return $heads;
    }

    /**
     * @return list<int> steps of which no two go on at once, whoever does them: each takes more than half of the crew
     */
    public function apart(): array
    {
        return array_keys(
            array_filter($this->people, fn (int $people) => $people > 1 && 2 * $people > count($this->hours)),
        );
    }

    /** @return list<list<int>> steps at each wall */
    public function byWall(): array
    {
        $at = [];
        foreach ($this->walls as $step => $wall) {
            $wall < 0 ?: ($at[$wall][] = $step);
        }

        return array_values($at);
    }

    /**
     * The latest moment up to $by at which it can end in hours of as many as it takes; before the first midnight where
     * there is none.
     */
    public function latestEnd(int $step, int $by): int
    {
        $minutes = $this->minutes[$step];
        if (isset($this->standing[$step])) {
            return $this->standing[$step][0] + $minutes <= $by ? $this->standing[$step][0] + $minutes : -1;
        }
        for ($midnight = intdiv(max(0, $by), DayPlan::DAY) * DayPlan::DAY; $midnight >= 0; $midnight -= DayPlan::DAY) {
            $ends = [-1];
            foreach ($this->windows[$this->people[$step]] as [$from, $to]) {
                $end = min($by, $midnight + $to);
                $ends[] = $end - $minutes >= $midnight + $from ? $end : -1;
            }
            if (max($ends) >= 0) {
                return max($ends);
            }
        }

        return -1;
    }

    private function soonestStart(int $step, int $at): int
    {
        $midnight = intdiv($at, DayPlan::DAY) * DayPlan::DAY;
        foreach ([$midnight, $midnight + DayPlan::DAY] as $midnight) {
            $starts = [];
            foreach ($this->windows[$this->people[$step]] ?? [] as [$from, $to]) {
                $start = max($at, $midnight + $from);
                $starts[] = $start + $this->minutes[$step] <= $midnight + $to ? $start : PHP_INT_MAX;
            }
            if ($starts !== [] && min($starts) < PHP_INT_MAX) {
                return min($starts);
            }
        }

        return PHP_INT_MAX;
    }

    /**
     * @param  list<list<array{int, int}>>  $hours
     * @return array<int, list<array{int, int}>> by people: stretches of a day in which so many are there from first to
     *   last
     */
    private static function windows(array $hours): array
    {
        $windows = [];
        $all = array_merge(...$hours);
        foreach ($all as [$from]) {
            $ends = array_map(
                fn (array $stretch) => $stretch[1],
                array_filter($all, fn (array $stretch) => $stretch[0] <= $from && $stretch[1] > $from),
            );
            rsort($ends);
            foreach ($ends as $n => $end) {
                $windows[$n + 1][] = [$from, $end];
            }
        }

        return $windows;
    }

    /**
     * Each after those it comes after.
     *
     * @param  array<string, Task>  $tasks
     * @return array<string, Task>
     *
     * @throws CannotStaff
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
}
