<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

/** Words and numbers beside a drawing, each led from its place, none over another. */
final class Callouts
{
    /**
     * @param  list<array{string, float, float, string}>  $rows  words, the place that they tell of, class
     * @param  float  $x  where the words begin
     * @return list<Shape>
     */
    public static function right(array $rows, float $x, float $size): array
    {
        usort($rows, fn (array $a, array $b) => $a[2] <=> $b[2]);
        $centres = Labels::spread(array_column($rows, 2), array_fill(0, count($rows), 1.3 * $size));
        $shapes = [];
        foreach ($rows as $i => [$says, $fromX, $fromY, $class]) {
            $shapes[] = Shape::path('leader', [
                [$fromX, $fromY],
                [$x - 1.1 * $size, $fromY],
                [$x - 0.3 * $size, $centres[$i]],
                [$x, $centres[$i]],
            ]);
            $shapes[] = Shape::text("reading{$class}", $x + 0.2 * $size, $centres[$i] + 0.35 * $size, $size, $says);
        }

        return $shapes;
    }

    /**
     * Words over a drawing, all running the same way, so that no line crosses a word.
     *
     * @param  list<array{string, float, float}>  $rows  words, and the place that they tell of
     * @param  float  $foot  where the lowest words stand
     * @param  1|-1  $way  words run right or left of their place
     * @return array{list<Shape>, float, float} the shapes, their top, and how far the farthest words reach
     */
    public static function above(array $rows, float $foot, float $size, int $way): array
    {
        usort($rows, fn (array $a, array $b) => ($b[1] <=> $a[1]) * $way);
        $shapes = [];
        $reaches = [];
        foreach ($rows as $i => [$says, $x, $y]) {
            $line = $foot - 1.3 * $size * $i;
            $shapes[] = Shape::path('leader', [
                [$x, $y],
                [$x, $line - 0.3 * $size],
                [$x + 0.4 * $size * $way, $line - 0.3 * $size],
            ]);
            $shapes[] = Shape::text(
                'reading',
                $x + 0.6 * $size * $way,
                $line,
                $size,
                $says,
                $way === 1 ? 'start' : 'end',
            );
            $reaches[] = ($x + (0.6 * $size + Labels::width($says, $size)) * $way) * $way;
        }

        return [$shapes, $foot - 1.3 * $size * count($rows), max($reaches ?: [0.0]) * $way];
    }
}
