<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

use Closure;
use SplPriorityQueue;

/** Puts steps into the hours of a crew one by one, each where it can start soonest. */
final class Placing
{
    private const DAYS = 400;

    private const SOMEBODY_ELSE = 0.05;

    /** @var array<int, int> by step */
    public array $starts = [];

    /** @var array<int, int> by step */
    public array $ends = [];

    /** @var array<int, list<int>> by step: numbers of the crew, ascending */
    public array $with = [];

    /**
     * @var array<int, array<int, array<int, list<array{int, int, int}>>>> by person, day and stretch: from, to, site;
     * ascending
     */
    private array $busy = [];

    /** @var array<int, array<int, array<int, int>>> by person, day and stretch: minutes that are left */
    private array $left = [];

    /** @var array<int, array<int, int>> by person and day: the one site of that day, -1 where there are more */
    private array $only = [];

    private ?int $end = null;

    private ?int $sum = null;

    /** @var array<int, list<array{int, int}>> by doorway: when somebody is at its wall; ascending */
    private array $walls = [];

    public function __construct(private readonly Steps $steps, public readonly Whereabouts $where)
    {
        foreach ($steps->standing as $step => [$start, $people]) {
            $this->put($step, $start, $people);
        }
    }

    /**
     * All of them by how much each presses, those first that nothing waits before.
     *
     * @param  array<int, float>  $order  the greatest first
     * @param  float  $staying  how much more the next step presses that is at the site of the one before
     * @param  ?Closure(): float  $chance  now and then somebody else is taken than who is nearest
     *
     * @throws CannotStaff where the crew never has the people at once
     */
    public static function all(
        Steps $steps,
        array $order,
        ?Whereabouts $where = null,
        float $staying = 0.0,
        ?Closure $chance = null,
    ): self {
        $placing = new self($steps, $where ?? Whereabouts::anywhere());
        $waits = array_map(count(...), $steps->before);
        /** @var list<SplPriorityQueue<float, int>> $open */
        $open = array_map(fn () => new SplPriorityQueue(), $steps->travel);
        foreach ($waits as $step => $count) {
            if ($count === 0) {
                $open[$steps->sites[$step]]->insert($step, $order[$step]);
            }
        }
        for ($here = 0, $left = $steps->count(); $left > 0; $left--) {
            $here = self::pressing($open, $order, $here, $staying);
            /** @var int $step */
            $step = $open[$here]->extract();
            if (! isset($placing->starts[$step])) {
                $placing->place($step, $chance);
            }
            foreach ($steps->then[$step] as $after => $wait) {
                if (--$waits[$after] === 0) {
                    $open[$steps->sites[$after]]->insert($after, $order[$after]);
                }
            }
        }

        return $placing;
    }

    /**
     * At which site the next step is.
     *
     * @param  list<SplPriorityQueue<float, int>>  $open
     * @param  array<int, float>  $order
     */
    private static function pressing(array $open, array $order, int $here, float $staying): int
    {
        $most = -INF;
        $next = $here;
        foreach ($open as $site => $queue) {
            $step = $queue->isEmpty() ? null : $queue->top();
            $presses = is_int($step) ? $order[$step] + ($site === $here ? $staying : 0.0) : -INF;
            if ($presses > $most) {
                [$most, $next] = [$presses, $site];
            }
        }

        return $next;
    }

    public function end(): int
    {
        return $this->end ??= max([0, ...$this->ends]);
    }

    /** @return array{int, int} when the last step ends, and all ends together: less is further on */
    public function progress(): array
    {
        return [$this->end(), ($this->sum ??= array_sum($this->ends))];
    }

    /**
     * @return array{int, int, int} what is wanted of a plan, the most important first: a soon end, few person-visits,
     * little standing about
     */
    public function rank(): array
    {
        $visits = $first = $last = $busy = [];
        foreach ($this->with as $step => $people) {
            $day = intdiv($this->starts[$step], DayPlan::DAY);
            foreach ($people as $person) {
                $visits["{$person} {$day} {$this->steps->sites[$step]}"] = true;
                $first[$person][$day] = min($first[$person][$day] ?? PHP_INT_MAX, $this->starts[$step]);
                $last[$person][$day] = max($last[$person][$day] ?? 0, $this->ends[$step]);
                $busy[$person][$day] = ($busy[$person][$day] ?? 0) + $this->steps->minutes[$step];
            }
        }
        $idle = 0;
        foreach ($first as $person => $days) {
            foreach ($days as $day => $from) {
                $idle += $this->worked($person, $day, $from, $last[$person][$day]) - $busy[$person][$day];
            }
        }

        return [$this->end(), count($visits), $idle];
    }

    /**
     * @return non-empty-list<int> steps that hold the end where it is, from the last back: each by a wait, a person or
     * a wall
     */
    public function chain(): array
    {
        $byPerson = $byWall = $holds = [];
        $inTurn = $this->starts;
        asort($inTurn);
        foreach ($inTurn as $step => $_) {
            $held = -1;
            foreach ($this->with[$step] as $person) {
                if (isset($byPerson[$person]) && $this->ends[$byPerson[$person]] > $held) {
                    [$holds[$step], $held] = [$byPerson[$person], $this->ends[$byPerson[$person]]];
                }
                $byPerson[$person] = $step;
            }
            $wall = $this->steps->walls[$step];
            if (isset($byWall[$wall]) && $wall >= 0 && $this->ends[$byWall[$wall]] > $held) {
                [$holds[$step], $held] = [$byWall[$wall], $this->ends[$byWall[$wall]]];
            }
            $byWall[$wall] = $step;
            foreach ($this->steps->before[$step] as $before => $wait) {
                if ($held <= $this->ends[$before] + $wait) {
                    [$holds[$step], $held] = [$before, $this->ends[$before] + $wait];
                }
            }
        }
        $chain = [(int) array_search($this->end(), $this->ends, true)];
        while (isset($holds[$chain[count($chain) - 1]])) {
            $chain[] = $holds[$chain[count($chain) - 1]];
        }

        return $chain;
    }

    private function place(int $step, ?Closure $chance): void
    {
        $people = $this->steps->people[$step];
        $at = $this->open($step);
        do {
            $soonest = [];
            foreach ($this->steps->hours as $person => $_) {
                $soonest[$person] = $this->soonest($person, $step, $at);
            }
            $at = self::nth($people, $soonest);
            $free = [];
            $later = PHP_INT_MAX;
            foreach ($soonest as $person => $moment) {
                $moment = $moment < $at ? $this->soonest($person, $step, $at) : $moment;
                if ($moment === $at) {
                    $free[] = $person;
                } else {
                    $later = min($later, $moment);
                }
            }
            $start = $at;
            $at = count($free) < $people ? $later : $this->wallFree($step, $start);
        } while ($at !== $start);
        $this->put($step, $start, count($free) === $people ? $free : $this->nearest($free, $step, $start, $chance));
    }

    /**
     * The nth smallest.
     *
     * @param  array<int, int>  $moments
     */
    private static function nth(int $n, array $moments): int
    {
        if ($n === 1) {
            return min([PHP_INT_MAX, ...$moments]);
        }
        sort($moments);

        return $moments[$n - 1] ?? PHP_INT_MAX;
    }

    /**
     * Puts a step with whom one will, where they can start soonest.
     *
     * @param  list<int>  $people
     * @return bool  whether they ever are there together for so long
     */
    public function placeWith(int $step, array $people): bool
    {
        $at = $this->open($step);
        do {
            $start = $at;
            foreach ($people as $person) {
                $at = max($at, $this->soonest($person, $step, $at));
            }
            if ($at > $this->open($step) + self::DAYS * DayPlan::DAY) {
                return false;
            }
            $at = $this->wallFree($step, $at);
        } while ($at !== $start);
        $this->put($step, $start, $people);

        return true;
    }

    /** When what goes before it is done, and waited for. */
    private function open(int $step): int
    {
        $at = $this->steps->earliest[$step];
        foreach ($this->steps->before[$step] as $before => $wait) {
            $at = max($at, $this->ends[$before] + $wait);
        }

        return $at;
    }

    /** The soonest moment from $at on at which a person could begin it. */
    private function soonest(int $person, int $step, int $at): int
    {
        $minutes = $this->steps->minutes[$step];
        $site = $this->steps->sites[$step];
        $said = $this->where->sites[$person] ?? [];
        $last = intdiv($at, DayPlan::DAY) + self::DAYS;
        for ($day = intdiv($at, DayPlan::DAY); $day <= $last; $day++) {
            $midnight = $day * DayPlan::DAY;
            foreach ($this->steps->hours[$person] as $stretch => [$from, $to]) {
                $to += $midnight;
                if ($to - $minutes < $at || ($this->left[$person][$day][$stretch] ?? $minutes) < $minutes) {
                    continue;
                }
                if ($said !== [] && ($said[$day][$stretch] ?? $site) !== $site) {
                    continue;
                }
                $start = max($at, $midnight + $from);
                $moved = $this->pushed($person, $day, $stretch, $start, $minutes, $site);
                while ($moved !== $start && $moved + $minutes <= $to) {
                    $start = $moved;
                    $moved = $this->pushed($person, $day, $stretch, $start, $minutes, $site);
                }
                if ($moved + $minutes <= $to) {
                    return $moved;
                }
            }
        }

        return PHP_INT_MAX;
    }

    /** $start where the person is free for it, else the soonest moment that is worth another look. */
    private function pushed(int $person, int $day, int $stretch, int $start, int $minutes, int $site): int
    {
        if (($this->only[$person][$day] ?? $site) === $site) {
            foreach ($this->busy[$person][$day][$stretch] ?? [] as [$from, $to]) {
                if ($to > $start) {
                    if ($from >= $start + $minutes) {
                        break;
                    }
                    $start = $to;
                }
            }

            return $start;
        }
        $end = $start + $minutes;
        $before = null;
        foreach ($this->steps->hours[$person] as $nth => $_) {
            foreach ($this->busy[$person][$day][$nth] ?? [] as $other) {
                if ($other[1] <= $start) {
                    $before = $other;

                    continue;
                }
                if ($other[0] < $end) {
                    return $other[1];
                }
                $there = $this->there($person, $day, $before, $site);
                $back = $this->steps->travel[$site][$other[2]];

                return $there > $start
                    ? $there
                    : ($back > 0 && $this->worked($person, $day, $end, $other[0]) < $back
                        ? $other[1]
                        : $start);
            }
        }

        return max($start, $this->there($person, $day, $before, $site));
    }

    /**
     * When somebody is at a site who was busy before; -1 where they are there anyway.
     *
     * @param  ?array{int, int, int}  $before
     */
    private function there(int $person, int $day, ?array $before, int $site): int
    {
        $left = $before === null ? 0 : $this->steps->travel[$before[2]][$site];
        if ($before === null || $left === 0) {
            return -1;
        }
        foreach ($this->steps->hours[$person] as [$from, $to]) {
            $from = max($before[1], $day * DayPlan::DAY + $from);
            $to += $day * DayPlan::DAY;
            if ($to - $from >= $left) {
                return $from + $left;
            }
            $left -= max(0, $to - $from);
        }

        return ($day + 1) * DayPlan::DAY;
    }

    private function worked(int $person, int $day, int $from, int $to): int
    {
        $worked = 0;
        foreach ($this->steps->hours[$person] as [$begins, $ends]) {
            $worked += max(0, min($to, $day * DayPlan::DAY + $ends) - max($from, $day * DayPlan::DAY + $begins));
        }

        return $worked;
    }

    private function wallFree(int $step, int $start): int
    {
        foreach ($this->walls[$this->steps->walls[$step]] ?? [] as [$from, $to]) {
            if ($to > $start && $from < $start + $this->steps->minutes[$step]) {
                return $to;
            }
        }

        return $start;
    }

    /**
     * Of those who are free, who has least way to go, then who was busy last.
     *
     * @param  list<int>  $free
     * @param  ?Closure(): float  $chance
     * @return list<int>
     */
    private function nearest(array $free, int $step, int $at, ?Closure $chance): array
    {
        $ranks = [];
        foreach ($free as $person) {
            $last = -1;
            $way = 1;
            foreach ($this->busy[$person][intdiv($at, DayPlan::DAY)] ?? [] as $busy) {
                foreach ($busy as [, $to, $site]) {
                    if ($to <= $at && $to > $last) {
                        [$last, $way] = [$to, $site === $this->steps->sites[$step] ? 0 : 2];
                    }
                }
            }
            $ranks[$person] =
                $chance !== null && $chance() < self::SOMEBODY_ELSE
                    ? -1
                    : $way * 10 * DayPlan::DAY - ($last % DayPlan::DAY);
        }
        asort($ranks);
        $chosen = array_slice(array_keys($ranks), 0, $this->steps->people[$step]);
        sort($chosen);

        return $chosen;
    }

    /** @param  list<int>  $people */
    private function put(int $step, int $start, array $people): void
    {
        $this->end = $this->sum = null;
        $end = $start + $this->steps->minutes[$step];
        $site = $this->steps->sites[$step];
        $day = intdiv($start, DayPlan::DAY);
        $this->starts[$step] = $start;
        $this->ends[$step] = $end;
        $this->with[$step] = $people;
        foreach ($people as $person) {
            $stretch = $this->stretch($person, $start);
            [$from, $to] = $this->steps->hours[$person][$stretch];
            $this->busy[$person][$day][$stretch] = self::inserted($this->busy[$person][$day][$stretch] ?? [], [
                $start,
                $end,
                $site,
            ]);
            $this->left[$person][$day][$stretch] =
                ($this->left[$person][$day][$stretch] ?? $to - $from) - $end + $start;
            $this->only[$person][$day] = ($this->only[$person][$day] ?? $site) === $site ? $site : -1;
        }
        if ($this->steps->walls[$step] >= 0) {
            $this->walls[$this->steps->walls[$step]] = self::inserted($this->walls[$this->steps->walls[$step]] ?? [], [
                $start,
                $end,
            ]);
        }
    }

    /** In which of their stretches a moment is; what was set out of hours counts to the one before. */
    private function stretch(int $person, int $moment): int
    {
        $in = 0;
        foreach ($this->steps->hours[$person] as $stretch => [$from]) {
            $in = $moment % DayPlan::DAY >= $from ? $stretch : $in;
        }

        return $in;
    }

    /**
     * @template T of array{0: int, 1: int, 2?: int}
     *
     * @param  list<T>  $busy  ascending
     * @param  T  $new
     * @return list<T>
     */
    private static function inserted(array $busy, array $new): array
    {
        for ($at = count($busy); $at > 0 && $busy[$at - 1][0] > $new[0]; $at--) {
        }
        array_splice($busy, $at, 0, [$new]);

        return $busy;
    }
}
