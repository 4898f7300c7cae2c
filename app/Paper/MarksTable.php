<?php

declare(strict_types=1);

namespace App\Paper;

use App\Files\Table;
use App\Words\Speaker;
use YokeLine\Format\MarksWriter;
use YokeLine\Holding\Anchoring;
use YokeLine\Marks\TapeMark;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;

/** Marks and fixings as one table, millimetres, for a spreadsheet. */
final class MarksTable
{
    public static function csv(Plan $plan): string
    {
        $speak = Speaker::in(Unit::Millimetre);
        $rows = [...self::heights($plan), ...array_map(
            fn (TapeMark $mark) => [
                'mark',
                $mark->tape,
                $mark->id->value,
                $speak->say($mark->id->says()),
                $mark->place->toMm(),
                '',
                $mark->spare?->toMm() ?? '',
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
                $fixing->x->toMm(),
                $fixing->y->toMm(),
                '',
                $fixing->diameter->toMm(),
                $fixing->length?->toMm() ?? '',
                $fixing->into->inFile(),
                '',
            ];
        }

        return Table::csv(
            ['what', 'tape', 'id', 'name', 'place_mm', 'up_mm', 'spare_mm', 'diameter_mm', 'length_mm', 'into', 'step'],
            $rows,
        );
    }

    /** @return list<list<string|float>> how high the rail is, first as this house means it */
    private static function heights(Plan $plan): array
    {
        $rows = [];
        foreach ($plan->lineHeights() as $means => $height) {
            $name = Speaker::words("words.line-means.{$means}");
            $rows[] = ['height', 'up', "line-{$means}", $name, '', $height->total->toMm(), '', '', '', '', 'mark-line'];
        }

        return $rows;
    }
}
