<?php

declare(strict_types=1);

namespace App\Paper;

use App\Files\Table;
use App\Words\Speaker;
use YokeLine\Format\MarksWriter;
use YokeLine\Holding\Anchoring;
use YokeLine\Marks\TapeMark;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;

/** Marks and fixings as one table for a spreadsheet, in the doorway's own unit. */
final class MarksTable
{
    public static function csv(Plan $plan): string
    {
        $speak = Speaker::in($plan->doorway->writer());
        $unit = $plan->doorway->units;
        $rows = [...self::heights($plan), ...array_map(
            fn (TapeMark $mark) => [
                'mark',
                $mark->tape,
                $mark->id->value,
                $speak->say($mark->id->says()),
                self::number($mark->place, $unit),
                '',
                self::number($mark->spare, $unit),
                '',
                '',
                '',
                $mark->step,
            ],
            MarksWriter::marks($plan),
        )];
        foreach (Anchoring::of($plan)->fixings as $i => $fixing) {
            $rows[] = [
                'fixing',
                'wall',
                'fixing-'.($i + 1),
                $speak->say($fixing->called()),
                self::number($fixing->x, $unit),
                self::number($fixing->y, $unit),
                '',
                self::number($fixing->diameter, $unit),
                self::number($fixing->length, $unit),
                $fixing->into->inFile(),
                '',
            ];
        }

        return Table::csv(
            [
                'what',
                'tape',
                'id',
                'name',
                ...array_map(
                    fn (string $of) => "{$of}_{$unit->value}",
                    ['place', 'up', 'spare', 'diameter', 'length'],
                ),
                'into',
                'step',
            ],
            $rows,
        );
    }

    /** @return list<list<string|float>> how high the rail is, first as this house means it */
    private static function heights(Plan $plan): array
    {
        $rows = [];
        foreach ($plan->lineHeights() as $means => $height) {
            $name = Speaker::words("words.line-means.{$means}");
            $up = self::number($height->total, $plan->doorway->units);
            $rows[] = ['height', 'up', "line-{$means}", $name, '', $up, '', '', '', '', 'mark-line'];
        }

        return $rows;
    }

    /** A length as a plain number; '' where there is none. */
    private static function number(?Length $length, Unit $unit): float|string
    {
        return match (true) {
            $length === null => '',
            $unit === Unit::Inch => round($length->nm / Length::NM_PER_INCH, 6),
            default => $length->toMm(),
        };
    }
}
