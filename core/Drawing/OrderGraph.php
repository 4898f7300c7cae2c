<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use Closure;
use YokeLine\Measure\Wording;
use YokeLine\Work\After;
use YokeLine\Work\Order;
use YokeLine\Work\Step;

/** The steps of a doorway as a graph, from left to right: what is done at the bench above, at the wall below. */
final class OrderGraph
{
    private const WIDE = 150;

    private const HIGH = 52;

    private const ACROSS = 182;

    private const DOWN = 62;

    /** @param  Closure(Step): string  $named  what a step is called */
    public static function of(Order $order, Closure $named, Wording $wording): Scene
    {
        $column = $row = $taken = [];
        // A step may stand in the table before one that it comes after: settled when nothing moves any more.
        do {
            $before = $column;
            foreach ($order->steps as $id => $step) {
                $column[$id] = max([
                    0,
                    ...array_map(fn (After $after) => ($column[$after->step] ?? 0) + 1, $step->after),
                ]);
            }
        } while ($column !== $before);
        foreach ($order->steps as $id => $step) {
            $lane = "{$column[$id]}";
            $row[$id] = $taken[$lane] ?? 0;
            $taken[$lane] = $row[$id] + 1;
        }
        $rows = max([1, ...$taken]);
        foreach ($row as $id => $down) {
            $row[$id] = $down + ($rows - $taken["{$column[$id]}"]) / 2;
        }
        $shapes = [];
        foreach ($order->steps as $id => $step) {
            foreach ($step->after as $after) {
                $from = [
                    $column[$after->step] * self::ACROSS + self::WIDE,
                    $row[$after->step] * self::DOWN + self::HIGH / 2,
                ];
                $to = [$column[$id] * self::ACROSS, $row[$id] * self::DOWN + self::HIGH / 2];
                $shapes[] = Shape::path($after->lag === null ? 'edge' : 'edge waits', [
                    [(float) $from[0], (float) $from[1]],
                    [$from[0] + 12.0, (float) $from[1]],
                    [$to[0] - 10.0, (float) $to[1]],
                    [(float) $to[0], (float) $to[1]],
                ]);
            }
        }
        foreach ($order->steps as $id => $step) {
            [$x, $y] = [(float) $column[$id] * self::ACROSS, (float) $row[$id] * self::DOWN];
            $shapes[] = Shape::box(
                "step at-{$step->at}".($step->people > 1 ? ' together' : ''),
                $x,
                $y,
                self::WIDE,
                self::HIGH,
            );
            foreach (explode("\n", wordwrap($named($step), 26)) as $line => $words) {
                $shapes[] = Shape::text('step-name', $x + 6, $y + 15 + 13 * $line, 11, $words);
            }
            $shapes[] = Shape::text(
                'step-time',
                $x + 6,
                $y + self::HIGH - 7,
                10.5,
                $wording->say(
                    Caption::of($step->people > 1 ? 'minutes-people' : 'minutes', [
                        'minutes' => $step->minutes,
                        'people' => $step->people,
                    ]),
                ),
            );
        }
        $columns = max([0, ...$column]) + 1;

        return new Scene(
            'order',
            $wording->say(Caption::of('order')),
            -8,
            -8,
            $columns * self::ACROSS,
            $rows * self::DOWN + 8,
            $shapes,
        );
    }
}
