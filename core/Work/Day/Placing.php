<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

use Closure;

/** Puts tasks into the hours of a crew one by one, each where it can start soonest. */
final class Placing
{
    /** @var array<int, array<int, list<array{int, int, string}>>> by person and day: from, to, site; ascending */
    private array $busy = [];

    /** @var array<int, array<int, int>> by person and day: minutes that are left */
    private array $free = [];

    /** @var array<int, int> by person: minutes of a working day */
    private array $long = [];

    /** @var array<string, list<array{int, int}>> by doorway: when somebody is at its wall; ascending */
    private array $walls = [];

    /** @var array<string, int> */
    private array $ends = [];

    /** @var array<string, Placed> */
    public array $placed = [];

    /**
     * @param  array<int, Person>  $crew
     * @param  array<string, int>  $travel  working minutes from one site to another, `a-b`
     * @param  array<string, string>  $where  at which site a person spends a stretch: person, day and stretch => site; one that is not told is free
     * @param  Closure(): float  $chance  now and then somebody else is taken than who is nearest
     */
    public function __construct(private readonly array $crew, private readonly array $travel, private readonly Closure $chance, private readonly array $where = [])
    {
        foreach ($crew as $person) {
            $this->busy[$person->id] = $this->free[$person->id] = [];
            $this->long[$person->id] = array_sum(array_map(fn (array $hours) => $hours[1] - $hours[0], $person->hours));
        }
    }

    /** @throws CannotStaff where the crew never has the people at once */
    public function place(Task $task): void
    {
        if ($task->standsAt !== null) {
            $this->put(new Placed($task, $task->standsAt, $task->standsWith));

            return;
        }
        $from = $task->earliest;
        foreach ($task->after as $before => $wait) {
            $from = max($from, ($this->ends[$before] ?? 0) + $wait);
        }
        $limit = $from + 60 * DayPlan::DAY;
        for ($at = $from; $at < $limit; $at = $next) {
            $next = PHP_INT_MAX;
            $free = [];
            foreach ($this->crew as $person) {
                $soonest = $this->soonest($person, $task, $at);
                if ($soonest === $at) {
                    $free[] = $person->id;
                } else {
                    $next = min($next, $soonest);
                }
            }
            if (count($free) >= $task->people) {
                $wall = $task->isAtWall ? $this->wallFree($task, $at) : $at;
                if ($wall === $at) {
                    $this->put(new Placed($task, $at, $this->best($free, $task, $at)));

                    return;
                }
                $next = min($next, $wall);
            }
            $next = $next === PHP_INT_MAX ? $limit : max($next, $at + 1);
        }
        throw CannotStaff::tooFew($task, count($this->crew));
    }

    /** The soonest moment from $at on at which a person could begin it. */
    private function soonest(Person $person, Task $task, int $at): int
    {
        $first = intdiv($at, DayPlan::DAY);
        for ($day = $first; $day < $first + 60; $day++) {
            if (($this->free[$person->id][$day] ?? $this->long[$person->id]) < $task->minutes) {
                continue;
            }
            foreach ($person->hours as $stretch => [$from, $to]) {
                if (($this->where["{$person->id} {$day} {$stretch}"] ?? $task->site) !== $task->site) {
                    continue;
                }
                $start = max($at, $day * DayPlan::DAY + $from);
                $end = $day * DayPlan::DAY + $to;
                while ($start + $task->minutes <= $end) {
                    $moved = $this->pushed($person, $task, $start, $day);
                    if ($moved === $start) {
                        return $start;
                    }
                    $start = $moved;
                }
            }
        }

        return PHP_INT_MAX;
    }

    /** $start where the person is free for it, else the soonest moment that is worth another look. */
    private function pushed(Person $person, Task $task, int $start, int $day): int
    {
        $end = $start + $task->minutes;
        foreach ($this->busy[$person->id][$day] ?? [] as [$from, $to, $site]) {
            if ($to <= $start) {
                $way = $site === $task->site ? 0 : $this->travel["{$site}-{$task->site}"] ?? 0;
                if ($way > 0 && $person->worked($to, $start) < $way) {
                    return max($start + 1, $person->after($to, $way));
                }
            } elseif ($from < $end) {
                return $to;
            } else {
                $back = $site === $task->site ? 0 : $this->travel["{$task->site}-{$site}"] ?? 0;

                return $back > 0 && $person->worked($end, $from) < $back ? $to : $start;
            }
        }

        return $start;
    }

    private function wallFree(Task $task, int $start): int
    {
        foreach ($this->walls[$task->doorway] ?? [] as [$from, $to]) {
            if ($from < $start + $task->minutes && $to > $start) {
                return $to;
            }
        }

        return $start;
    }

    /**
     * Of those who are free, who has least way to go, then who was busy last.
     *
     * @param  list<int>  $free
     * @return list<int>
     */
    private function best(array $free, Task $task, int $at): array
    {
        $rank = [];
        foreach ($free as $id) {
            $here = 1;
            $last = 0;
            foreach ($this->busy[$id][intdiv($at, DayPlan::DAY)] ?? [] as [, $to, $site]) {
                if ($to <= $at) {
                    [$here, $last] = [$site === $task->site ? 0 : 2, $to];
                }
            }
            $rank[$id] = ($this->chance)() < 0.08 ? [-1, 0, $id] : [$here, -$last, $id];
        }
        usort($free, fn (int $a, int $b) => $rank[$a] <=> $rank[$b]);
        $chosen = array_slice($free, 0, $task->people);
        sort($chosen);

        return $chosen;
    }

    private function put(Placed $placed): void
    {
        $task = $placed->task;
        $this->placed[$task->id] = $placed;
        $this->ends[$task->id] = $placed->end();
        foreach ($placed->people as $id) {
            $day = intdiv($placed->start, DayPlan::DAY);
            $this->busy[$id][$day][] = [$placed->start, $placed->end(), $task->site];
            usort($this->busy[$id][$day], fn (array $a, array $b) => $a[0] <=> $b[0]);
            $this->free[$id][$day] = ($this->free[$id][$day] ?? $this->long[$id]) - $task->minutes;
        }
        if ($task->isAtWall) {
            $this->walls[$task->doorway][] = [$placed->start, $placed->end()];
            usort($this->walls[$task->doorway], fn (array $a, array $b) => $a[0] <=> $b[0]);
        }
    }
}
