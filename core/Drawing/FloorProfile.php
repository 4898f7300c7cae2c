<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Doorway\FloorReading;
use YokeLine\Measure\Wording;
use YokeLine\Planning\Plan;

/** The floor along the wall with its falls drawn many times over, so that they can be seen. */
final readonly class FloorProfile
{
    public const TIMES = 20;

    private const WIDE = 640;

    private function __construct(private Plan $plan, private Wording $wording) {}

    public static function of(Plan $plan, Wording $wording): Scene
    {
        return (new self($plan, $wording))->scene();
    }

    private function scene(): Scene
    {
        $plan = $this->plan;
        $wall = $plan->room->wall;
        $px = $wall->length()->toMm() / self::WIDE;
        $readings = $plan->doorway->survey->floor;
        usort($readings, fn (FloorReading $a, FloorReading $b) => $a->x->nm <=> $b->x->nm);
        $y = fn (FloorReading $at) => -$plan->floor->at($at->x)->toMm() * self::TIMES;
        $points = array_map(fn (FloorReading $at) => [$at->x->toMm(), $y($at)], $readings);
        $line =
            $points === []
                ? [[$wall->low->toMm(), 0.0], [$wall->high->toMm(), 0.0]]
                : [
                    [$wall->low->toMm(), $points[0][1]],
                    ...$points,
                    [$wall->high->toMm(), $points[count($points) - 1][1]],
                ];
        $deep = max(0.0, ...array_column($line, 1)) + 22 * $px;
        $sweep = $plan->layout->sweep();
        $jambs = $plan->room->opening->span();
        $shapes = [
            Shape::area('floor', [...$line, [$wall->high->toMm(), $deep], [$wall->low->toMm(), $deep]]),
            Shape::line('yoke-line', $wall->low->toMm(), 0.0, $wall->high->toMm(), 0.0),
            Shape::line('dimension', $sweep->low->toMm(), -34 * $px, $sweep->high->toMm(), -34 * $px),
            Shape::text(
                'caption',
                $sweep->middle()->toMm(),
                -38 * $px,
                10 * $px,
                $this->wording->say(Caption::of('under-leaf')),
                'middle',
            ),
            Shape::line('jamb', $jambs->low->toMm(), -26 * $px, $jambs->low->toMm(), $deep),
            Shape::line('jamb', $jambs->high->toMm(), -26 * $px, $jambs->high->toMm(), $deep),
        ];
        $texts = array_map(
            fn (FloorReading $at) => $this->wording->lengths()->show($plan->floor->at($at->x)),
            $readings,
        );
        $centres = Labels::spread(
            array_column($points, 0),
            array_map(fn (string $text) => Labels::width($text, 12 * $px) + 10 * $px, $texts),
            $wall->low->toMm(),
            $wall->high->toMm(),
        );
        foreach ($readings as $i => $at) {
            $shapes[] = Shape::circle('pull-up-end', $points[$i][0], $points[$i][1], 3 * $px);
            $shapes[] = Shape::path('leader', [[$points[$i][0], $points[$i][1]], [$centres[$i], -8 * $px]]);
            $shapes[] = Shape::text('reading', $centres[$i], -12 * $px, 12 * $px, $texts[$i], 'middle');
        }

        return new Scene(
            'profile',
            $this->wording->say(
                Caption::of('floor', ['at' => $plan->floor->highSpot(), 'fall' => $plan->floor->fall()]),
            ),
            $wall->low->toMm() - 20 * $px,
            -52 * $px,
            $wall->length()->toMm() + 40 * $px,
            $deep + 56 * $px,
            $shapes,
        );
    }
}
