<?php

namespace App\Paper;

use YokeLine\Anchoring\Anchoring;
use YokeLine\Format\MarksWriter;
use YokeLine\Marks\Names;
use YokeLine\Planning\Plan;

/** Marks and fixings as one table, millimetres, for a spreadsheet. */
final class MarksTable
{
    public static function csv(Plan $plan): string
    {
        $file = fopen('php://temp', 'r+') ?: throw new \RuntimeException('No room to write a table.');
        fputcsv($file, ['what', 'tape', 'id', 'name', 'place_mm', 'up_mm', 'spare_mm', 'diameter_mm', 'length_mm', 'into', 'step'], escape: '');
        foreach (MarksWriter::marks($plan) as $mark) {
            fputcsv($file, ['mark', $mark->tape, $mark->id, Names::of($mark->id), $mark->place->toMm(), '', $mark->spare?->toMm() ?? '', '', '', '', $mark->step], escape: '');
        }
        foreach (Anchoring::of($plan)->fixings as $i => $fixing) {
            fputcsv($file, ['fixing', 'wall', 'fixing-'.($i + 1), strtr($fixing->kind, '-', ' '), $fixing->x->toMm(), $fixing->y->toMm(), '', $fixing->diameter->toMm(), $fixing->length?->toMm() ?? '', $fixing->into, ''], escape: '');
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }
}
