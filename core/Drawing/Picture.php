<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Doorway\Obstacle;
use YokeLine\Measure\Wording;
use YokeLine\Planning\Plan;

/**
 * The wall as those see it who will live with it, shut or open: without tapes, studs, rail line and what is in the
 * wall.
 */
final class Picture
{
    /** Millimetres that the floor is drawn deep. */
    private const FLOOR_MM = 45.0;

    /** What hangs alone, to be laid over a photograph of the wall: each leaf shut, with how far it slides. */
    public static function overPhoto(Plan $plan, Wording $wording): Scene
    {
        $door = new HungDoor($plan);
        $leaves = [];
        foreach ($plan->layout->runs as $name => $run) {
            $leaves[] = Shape::group('leaf-place', [$door->leaf($name, $run)], [
                'data-far' => $run->direction * $run->travel->total->toMm(),
            ]);
        }

        return self::scene($plan, $wording, 'picture-photo', [...$door->board(), $door->rail(), ...$leaves]);
    }

    public static function of(Plan $plan, Wording $wording, bool $isOpen): Scene
    {
        [$face, $door] = [WallFace::of($plan), new HungDoor($plan)];
        $things = array_filter(
            $plan->doorway->survey->obstacles,
            fn (Obstacle $thing) => $thing->isOnWall() && ! $thing->moved,
        );
        $leaves = [];
        foreach ($plan->layout->runs as $name => $run) {
            $far = $isOpen ? $run->direction * $run->travel->total->toMm() : 0.0;
            $leaves[] = Shape::group('leaf-place', [$door->leaf($name, $run)], [
                'transform' => 'translate('.round($far, 2).' 0)',
            ]);
        }

        return self::scene($plan, $wording, $isOpen ? 'picture-open' : 'picture-shut', [
            ...$face->wallAndFloor($plan->floor, self::FLOOR_MM),
            ...$face->opening(),
            ...array_map(fn (Obstacle $thing) => Shape::spanned('obstacle', $thing->x, $thing->y), $things),
            ...$door->board(),
            $door->rail(),
            ...$leaves,
        ]);
    }

    /** @param  list<Shape>  $shapes */
    private static function scene(Plan $plan, Wording $wording, string $title, array $shapes): Scene
    {
        $face = WallFace::of($plan);

        return new Scene(
            'picture',
            $wording->say(Caption::of($title)),
            $face->wall->low->toMm(),
            -$face->ceiling->toMm(),
            $face->wall->length()->toMm(),
            $face->ceiling->toMm() + self::FLOOR_MM,
            $shapes,
        );
    }
}
