<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use Closure;
use YokeLine\Measure\Wording;
use YokeLine\Planning\Plan;
use YokeLine\Tolerance\Clearance;

/**
 * How sure clearances are: each as a mark on a line, with the band that errors usually fill and the one that they can
 * at worst; and where they are on the wall.
 */
final readonly class Sure
{
    private const WIDE = 620;

    private const ROW = 34;

    private const NAME = 240;

    /**
     * @param  list<Clearance>  $rows
     * @param  Closure(string): string  $named  what a clearance is called
     */
    public static function bars(array $rows, Wording $wording, Closure $named): Scene
    {
        $most = max(
            1.0,
            ...array_map(fn (Clearance $row) => abs($row->spare() ?? 0.0) + $row->worst, $rows),
        );
        $x = fn (float $mm) => self::NAME + ((self::WIDE - self::NAME - 60) * ($mm + $most)) / (2 * $most);
        $high = self::ROW * count($rows) + 26;
        $shapes = [
            Shape::line('wanted', $x(0.0), 14, $x(0.0), $high),
            Shape::text('caption', $x(0.0), 10, 10, $wording->say(Caption::of('wanted')), 'middle'),
        ];
        foreach ($rows as $i => $row) {
            $y = 36.0 + self::ROW * $i;
            $spare = $row->spare() ?? 0.0;
            $shapes[] = Shape::box(
                'band-worst',
                $x($spare - $row->worst),
                $y - 7,
                $x($spare + $row->worst) - $x($spare - $row->worst),
                14,
            );
            $shapes[] = Shape::box(
                'band-rss',
                $x($spare - $row->rss),
                $y - 7,
                $x($spare + $row->rss) - $x($spare - $row->rss),
                14,
            );
            $shapes[] = Shape::line('is', $x($spare), $y - 11, $x($spare), $y + 11);
            $shapes[] = Shape::text('step-name', 0, $y + 4, 13, ucfirst($named($row->name)));
            $shapes[] = Shape::text('reading', self::WIDE, $y + 5, 14, $wording->lengths()->show($row->value), 'end');
        }

        return new Scene('sure', $wording->say(Caption::of('unsure')), -4, 0, self::WIDE + 10, $high + 4, $shapes);
    }

    /**
     * The wall with a band at every place that is not sure, as high as errors usually make it.
     *
     * @param  list<Clearance>  $rows
     */
    public static function onWall(Plan $plan, array $rows, Wording $wording): Scene
    {
        $scene = Elevation::of($plan, $wording);
        $bands = [];
        foreach ($rows as $row) {
            // A millimetre is nothing on a wall: bands are drawn ten times as thick.
            $half = 10 * $row->rss;
            $jambs = $plan->room->opening->span();
            $guide =
                ($plan->guides[strtok($row->name, '-')] ?? $plan->guides[array_key_first($plan->guides)])->at ??
                $jambs->high;
            $bands[] = match (true) {
                str_starts_with($row->name, 'header-casing') => Shape::box(
                    'band-rss',
                    $jambs->low->toMm(),
                    -$plan->heights->casingTop->total->toMm() - $half,
                    $jambs->length()->toMm(),
                    2 * $half,
                ),
                str_starts_with($row->name, 'floor-gap'), str_starts_with($row->name, 'guide-bite') => Shape::box(
                    'band-rss',
                    $plan->layout->sweep()->low->toMm(),
                    -$plan->heights->gap->low->toMm() - $half,
                    $plan->layout->sweep()->length()->toMm(),
                    2 * $half,
                ),
                str_contains($row->name, 'guide') => Shape::box(
                    'band-rss',
                    $guide->toMm() - $half,
                    -200,
                    2 * $half,
                    200,
                ),
                str_contains($row->name, 'cover-left') => Shape::box(
                    'band-rss',
                    $jambs->low->toMm() - $half,
                    -$plan->heights->leafTop()->toMm(),
                    2 * $half,
                    $plan->heights->leafTop()->toMm(),
                ),
                str_contains($row->name, 'cover-right') => Shape::box(
                    'band-rss',
                    $jambs->high->toMm() - $half,
                    -$plan->heights->leafTop()->toMm(),
                    2 * $half,
                    $plan->heights->leafTop()->toMm(),
                ),
                str_starts_with($row->name, 'headroom'),
                str_starts_with($row->name, 'header-ceiling'),
                str_starts_with($row->name, 'top-gap') => Shape::box(
                    'band-rss',
                    $plan->rail->span->low->toMm(),
                    -$plan->yokeLine()->toMm() - $half,
                    $plan->rail->span->length()->toMm(),
                    2 * $half,
                ),
                default => null,
            };
        }

        return new Scene(
            'elevation',
            $wording->say(Caption::of('unsure-wall')),
            $scene->left,
            $scene->top,
            $scene->width,
            $scene->height,
            [...$scene->shapes, ...array_values(array_filter($bands))],
        );
    }
}
