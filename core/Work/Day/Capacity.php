<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

/** What a crew can do, the same every day: minutes of so many people together, or of each counted by itself. */
final readonly class Capacity
{
    private int $daily;

    /**
     * @param  list<array{int, int, int}>  $stretches  of a day: from, to, minutes done in a minute; ascending, none
     * overlaps
     */
    private function __construct(private array $stretches)
    {
        $this->daily = array_sum(
            array_map(fn (array $stretch) => ($stretch[1] - $stretch[0]) * $stretch[2], $stretches),
        );
    }

    /** @param  list<list<array{int, int}>>  $hours  of each of the crew */
    public static function each(array $hours): self
    {
        return self::counting($hours, fn (int $there) => $there);
    }

    /** @param  list<list<array{int, int}>>  $hours  of each of the crew */
    public static function together(array $hours, int $people): self
    {
        return self::counting($hours, fn (int $there) => $there >= $people ? 1 : 0);
    }

    /** Minutes done till a moment. */
    public function till(int $moment): int
    {
        $midnight = intdiv($moment, DayPlan::DAY) * DayPlan::DAY;
        $done = intdiv($moment, DayPlan::DAY) * $this->daily;
        foreach ($this->stretches as [$from, $to, $rate]) {
            $done += $rate * max(0, min($to, $moment - $midnight) - $from);
        }

        return $done;
    }

    /** The soonest moment at which so many minutes are done. */
    public function when(int $minutes): int
    {
        if ($minutes <= 0 || $this->daily === 0) {
            return $minutes <= 0 ? 0 : PHP_INT_MAX;
        }
        $days = intdiv($minutes - 1, $this->daily);
        $left = $minutes - $days * $this->daily;
        foreach ($this->stretches as [$from, $to, $rate]) {
            if ($rate * ($to - $from) >= $left) {
                return $days * DayPlan::DAY + $from + intdiv($left + $rate - 1, $rate);
            }
            $left -= $rate * ($to - $from);
        }

        return PHP_INT_MAX;
    }

    /**
     * @param  list<list<array{int, int}>>  $hours
     * @param  callable(int): int  $rate  by how many are there
     */
    private static function counting(array $hours, callable $rate): self
    {
        $all = array_merge(...$hours);
        $turns = array_values(array_unique(array_merge(...$all)));
        sort($turns);
        $stretches = [];
        for ($i = 1; $i < count($turns); $i++) {
            $there = $rate(
                count(array_filter($all, fn (array $one) => $one[0] <= $turns[$i - 1] && $turns[$i] <= $one[1])),
            );
            $there === 0 ?: ($stretches[] = [$turns[$i - 1], $turns[$i], $there]);
        }

        return new self($stretches);
    }
}
