<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Measure\Length;
use YokeLine\Measure\Wording;

/** Marks of somebody who practises, laid over a drawing of the wall: where they are and not where they belong. */
final class AnsweredMarks
{
    /** How far up from the floor a mark along the wall is drawn. */
    private const HIGH_MM = 420.0;

    /**
     * @param  list<Length>  $along  places along the wall
     * @param  list<Length>  $up  heights
     */
    public static function on(Scene $scene, array $along, array $up, Wording $wording): Scene
    {
        $size = $scene->height / 42;
        $shapes = [];
        foreach ($along as $at) {
            $x = $at->toMm();
            $shapes[] = Shape::line('answered', $x, 0, $x, -self::HIGH_MM);
            $shapes[] = self::label($x, -self::HIGH_MM - $size * 0.3, $size, $at, $wording, 'middle');
        }
        foreach ($up as $at) {
            $y = -$at->toMm();
            $right = $scene->left + $scene->width;
            $shapes[] = Shape::line('answered', 0, $y, $right, $y);
            $shapes[] = self::label($right, $y - $size * 0.3, $size, $at, $wording, 'end');
        }

        return new Scene(
            $scene->name,
            $scene->title,
            $scene->left,
            $scene->top,
            $scene->width,
            $scene->height,
            [...$scene->shapes, ...$shapes],
        );
    }

    /** @param  'middle'|'end'  $anchor */
    private static function label(
        float $x,
        float $y,
        float $size,
        Length $at,
        Wording $wording,
        string $anchor,
    ): Shape {
        return Shape::text('answered-size', $x, $y, $size, $wording->lengths()->show($at), $anchor);
    }
}
