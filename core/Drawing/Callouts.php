<?php

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
            $shapes[] = Shape::path('leader', [[$fromX, $fromY], [$x - 1.1 * $size, $fromY], [$x - 0.3 * $size, $centres[$i]], [$x, $centres[$i]]]);
            $shapes[] = Shape::text("reading{$class}", $x + 0.2 * $size, $centres[$i] + 0.35 * $size, $size, $says);
        }

        return $shapes;
    }
}
