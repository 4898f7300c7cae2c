<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Measure\Wording;
use YokeLine\Work\Day\DayPlan;
use YokeLine\Work\Day\Placed;

/** Days as bars, a row to each person; what takes several stands in each of their rows. */
final class DayBars
{
    public const WIDE = 1100;

    public const LEFT = 70;

    private const ROW = 40;

    private const HEAD = 22;

    /**
     * @param  array<string, string>  $names  of tasks
     * @param  list<string>  $critical  tasks that hold the end
     */
    public static function of(
        DayPlan $plan,
        int $day,
        string $title,
        array $names,
        array $critical,
        Wording $wording,
    ): Scene {
        [$from, $to] = self::hours($plan);
        $scale = (self::WIDE - self::LEFT) / max(1, $to - $from);
        $x = fn (int $minutes) => self::LEFT + ($minutes - $day * DayPlan::DAY - $from) * $scale;
        $shapes = [];
        for ($hour = intdiv($from + 59, 60); $hour * 60 <= $to; $hour++) {
            $shapes[] = Shape::line(
                'hour',
                self::LEFT + ($hour * 60 - $from) * $scale,
                self::HEAD - 4,
                self::LEFT + ($hour * 60 - $from) * $scale,
                self::HEAD + self::ROW * count($plan->crew),
            );
            $shapes[] = Shape::text(
                'caption',
                self::LEFT + ($hour * 60 - $from) * $scale,
                12,
                11,
                "{$hour}:00",
                'middle',
            );
        }
        foreach (array_values($plan->crew) as $row => $person) {
            $y = self::HEAD + self::ROW * $row;
            $shapes[] = Shape::text(
                'reading',
                0,
                $y + 24,
                13,
                $wording->say(Caption::of('person', ['n' => $person->id])),
            );
            foreach ($person->hours as [$a, $b]) {
                $shapes[] = Shape::box(
                    'stretch',
                    self::LEFT + ($a - $from) * $scale,
                    $y + 2,
                    ($b - $a) * $scale,
                    self::ROW - 6,
                );
            }
            foreach ($plan->days($person->id)[$day] ?? [] as $placed) {
                $shapes[] = self::bar(
                    $placed,
                    $x($placed->start),
                    $y + 2,
                    $placed->task->minutes * $scale,
                    $names,
                    in_array($placed->task->id, $critical, true),
                    $wording,
                );
            }
        }

        return new Scene('day', $title, 0, 0, self::WIDE, self::HEAD + self::ROW * count($plan->crew) + 4, $shapes);
    }

    /** @return array{int, int} the first and the last working minute of a day */
    public static function hours(DayPlan $plan): array
    {
        return [
            min(array_map(fn ($person) => $person->hours[0][0], $plan->crew) ?: [480]),
            max(array_map(fn ($person) => $person->hours[count($person->hours) - 1][1], $plan->crew) ?: [990]),
        ];
    }

    /** @param  array<string, string>  $names */
    private static function bar(
        Placed $placed,
        float $x,
        float $y,
        float $wide,
        array $names,
        bool $critical,
        Wording $wording,
    ): Shape {
        $name = $names[$placed->task->id] ?? $placed->task->id;
        $fits = max(0, (int) floor(($wide - 6) / 5.6));
        $inside = [
            Shape::box(
                'work'.($critical ? ' critical' : '').(count($placed->people) > 1 ? ' together' : ''),
                $x,
                $y,
                max(1.5, $wide - 1),
                self::ROW - 6,
            ),
        ];
        // As many whole words as there is room for: what one reads is what one hears.
        $says = '';
        foreach (explode(' ', $name) as $word) {
            if (mb_strlen("{$says} {$word}") > $fits) {
                break;
            }
            $says = trim("{$says} {$word}");
        }
        if ($says !== '') {
            $inside[] = Shape::text('work-name', $x + 4, $y + 21, 10, rtrim($says, ','));
        }

        return Shape::group('task', $inside, [
            'data-task' => $placed->task->id,
            'data-start' => (string) $placed->start,
            'tabindex' => '0',
            'role' => 'button',
            'aria-label' => $wording->say(Caption::of('move-task', ['what' => $name])),
        ]);
    }
}
