<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

/** One of the crew, with the hours of a working day. */
final readonly class Person
{
    /** @param  non-empty-list<array{int, int}>  $hours  stretches of a day, minutes from midnight, ascending */
    public function __construct(public int $id, public array $hours) {}

    /** Working minutes between two moments, minutes from the first midnight. */
    public function worked(int $from, int $to): int
    {
        $sum = 0;
        for ($day = intdiv($from, DayPlan::DAY); $day * DayPlan::DAY < $to; $day++) {
            foreach ($this->hours as [$a, $b]) {
                $sum += max(0, min($to, $day * DayPlan::DAY + $b) - max($from, $day * DayPlan::DAY + $a));
            }
        }

        return $sum;
    }
}
