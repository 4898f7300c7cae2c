<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;

/** The plan's own places as running readings: one hook of the tape, every mark in order. */
final class RunningMarks
{
    /** @return list<Mark> along the wall, from the survey's zero */
    public static function along(Plan $plan): array
    {
        $marks = [
            new Mark('rail-l', $plan->rail->span->low, 'rail.left'),
            new Mark('rail-r', $plan->rail->span->high, 'rail.right'),
        ];
        foreach ($plan->layout->runs as $leaf => $run) {
            $id = $leaf === 'leaf' ? '' : "{$leaf}-";
            $marks[] = new Mark("{$id}shut-l", $run->closed()->low, "{$leaf}.left");
            $marks[] = new Mark("{$id}shut-r", $run->closed()->high, "{$leaf}.right");
            if ($plan->hang()->hasOpenPlaces()) {
                $marks[] = new Mark("{$id}open-l", $run->open()->low, "{$leaf}.open_left");
                $marks[] = new Mark("{$id}open-r", $run->open()->high, "{$leaf}.open_right");
            }
        }
        if ($plan->header !== null) {
            $marks[] = new Mark('board-l', $plan->header->span->low, 'header.left');
            $marks[] = new Mark('board-r', $plan->header->span->high, 'header.right');
        }
        foreach ($plan->guides as $guide => $place) {
            if ($place->at !== null) {
                $marks[] = new Mark($guide === 'guide' ? 'guide' : "{$guide}-guide", $place->at, "{$guide}.at");
            }
        }

        return self::inOrder($plan, $marks);
    }

    /** @return list<Mark> up the wall, from the high spot */
    public static function up(Plan $plan): array
    {
        $heights = $plan->heights;
        $marks = [
            new Mark('yoke', $plan->yokeLine(), 'yoke_line'),
            new Mark('leaf-top', $heights->leafTop(), 'leaf.top'),
            new Mark('head', $heights->head->total, 'head_y'),
        ];
        if ($plan->header !== null) {
            $marks[] = new Mark('board-foot', $plan->header->foot->total, 'header.bottom');
            $marks[] = new Mark('board-top', $plan->header->top->total, 'header.top');
        }

        return self::inOrder($plan, $marks);
    }

    /** @return list<Mark> as `up`, with the two other heights that kits' sheets call the height of the rail */
    public static function heights(Plan $plan): array
    {
        $heights = $plan->lineHeights();

        return self::inOrder($plan, [
            ...self::up($plan),
            new Mark('rail-top', $heights['top']->total, 'line.top'),
            new Mark('rail-foot', $heights['foot']->total, 'line.foot'),
            ...self::rows($plan),
        ]);
    }

    /** @return list<Mark> the lines that a bracket's holes stand on, over the rail line */
    public static function rows(Plan $plan): array
    {
        $rows = $plan->kit->bracket === null ? [] : $plan->kit->boltHeights($plan->yokeLine());

        return array_map(
            fn (int $i, Length $row) => new Mark('row-'.($i + 1), $row, 'yoke_line'),
            array_keys($rows),
            $rows,
        );
    }

    /**
     * @return list<array{x: Length, up: Length}> what the tape reads from the floor up to the yoke line where the floor
     * can turn, and at the high spot
     */
    public static function readings(Plan $plan): array
    {
        return array_map(fn (Length $x) => ['x' => $x, 'up' => $plan->tapeUp($x)], $plan->readingPlaces());
    }

    /**
     * @param  list<Mark>  $marks
     * @return list<Mark> as the tape says them
     */
    private static function inOrder(Plan $plan, array $marks): array
    {
        $shown = AsShown::of($plan);
        $marks = array_map(fn (Mark $mark) => $mark->shown($shown), $marks);
        usort($marks, fn (Mark $a, Mark $b) => $a->at->nm <=> $b->at->nm);

        return $marks;
    }
}
