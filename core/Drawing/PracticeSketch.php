<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Doorway\Obstacle;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;
use YokeLine\Measure\Wording;
use YokeLine\Survey\Readings;

/**
 * A practice wall as far as it was measured, with a tape along its foot; what a scanner felt stands above it. Nothing
 * that was not read is in it.
 */
final readonly class PracticeSketch
{
    private const WIDE_PX = 740;

    private const SIDE_PX = 34;

    private const FOOT_PX = 50;

    private const TRACE_MM = 420.0;

    /** What a scanner shows at the most. */
    private const DENSEST = 130.0;

    /** What is drawn only once this is read. */
    public const ONCE_READ = ['crown' => 'survey.wall.crown.drop', 'baseboard' => 'survey.baseboard.height'];

    /**
     * @param  list<Obstacle>  $things
     * @param  list<list<array{float, float, float}>>  $swept
     */
    public static function of(Readings $readings, array $things, array $swept, Unit $unit, Wording $wording): Scene
    {
        $at = fn (string $place) => WallSketch::drawn($readings, $place);
        $shapes = [];
        foreach ((new WallSketch)->outline() as [$layer, $corners]) {
            if (self::isThere($layer, $readings)) {
                $shapes[] = Shape::area($layer, array_map(
                    fn (array $corner) => [$corner[0]->at($at), -$corner[1]->at($at)],
                    $corners,
                ));
            }
        }
        $wall = new Span(Length::zero(), Length::nm((int) round($at('survey.wall.to') * 1e6)));
        $high = $at('survey.wall.ceiling');
        $wide = $wall->high->toMm();
        $px = $wide / (self::WIDE_PX - 2 * self::SIDE_PX);
        $top = $high + ($swept === [] ? 0 : self::TRACE_MM);

        return new Scene(
            'practice',
            $wording->say(Caption::of('practice-wall')),
            -self::SIDE_PX * $px,
            -$top - 14 * $px,
            $wide + 2 * self::SIDE_PX * $px,
            $top + (14 + self::FOOT_PX) * $px,
            [
                ...$shapes,
                ...array_map(fn (Obstacle $thing) => Shape::spanned('obstacle', $thing->x, $thing->y), $things),
                ...(new Tape($wording, $px))->along($wall, 10 * $px, []),
                ...self::trace($swept, $high),
            ],
        );
    }

    private static function isThere(string $layer, Readings $readings): bool
    {
        return ! isset(self::ONCE_READ[$layer]) || $readings->at(self::ONCE_READ[$layer]) !== null;
    }

    /**
     * What a scanner felt by itself, its foot at 0.
     *
     * @param  list<list<array{float, float, float}>>  $swept
     */
    public static function sweep(array $swept): Scene
    {
        return new Scene('sweep', '', 0, -self::TRACE_MM, 1, self::TRACE_MM, self::trace($swept, 0));
    }

    /**
     * @param  list<list<array{float, float, float}>>  $swept
     * @return list<Shape> how dense, and where wires are live, broken where nothing was swept
     */
    private static function trace(array $swept, float $high): array
    {
        $shapes = [];
        foreach ($swept as $rows) {
            foreach (['sweep-density' => 1, 'sweep-live' => 2] as $layer => $column) {
                $line = [];
                $before = null;
                foreach ($rows as $row) {
                    $y = -$high - 20 - min(1.0, $row[$column] / self::DENSEST) * (self::TRACE_MM - 60);
                    if ($before !== null && $row[0] - $before[0] <= 25) {
                        $line[] = [$before[0], $before[1], $row[0], $y];
                    }
                    $before = [$row[0], $y];
                }
                $shapes[] = Shape::lines($layer, $line);
            }
        }

        return $shapes;
    }
}
