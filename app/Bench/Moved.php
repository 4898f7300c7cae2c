<?php

declare(strict_types=1);

namespace App\Bench;

use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\UnreadableLength;
use YokeLine\Setout;

/**
 * Something moved by hand on the drawing: its places in the document, moved and set to whole steps of the screen's
 * unit.
 */
final class Moved
{
    /** @return array<string, string> */
    public static function changes(Setout $setout, string $place, float $rightMm, float $upMm): array
    {
        if ($place === 'brief.rules.rail_left' && $setout->plan !== null && abs($rightMm) < 50_000) {
            $left = $setout->plan->rail->span->low
                ->plus(Length::nm((int) round($rightMm * 1_000_000)))
                ->roundedTo($setout->write->unit->step());

            return [$place => (new LengthWriter($setout->doorway->units))->exact($left)];
        }
        if (
            preg_match('/^survey\.(obstacles|hazards)\[(\d+|#[A-Za-z0-9_-]+)\]$/', $place) !== 1 ||
            abs($rightMm) > 50_000 ||
            abs($upMm) > 50_000
        ) {
            return [];
        }
        $units = $setout->doorway->units;
        $exact = new LengthWriter($units);
        $step = $setout->write->unit->step();
        $changes = [];
        foreach (['x' => $rightMm, 'y' => $upMm] as $axis => $by) {
            try {
                $low = LengthReader::read($setout->document->get("{$place}.{$axis}[0]"), $units);
                $high = LengthReader::read($setout->document->get("{$place}.{$axis}[1]"), $units);
            } catch (UnreadableLength) {
                continue;
            }
            $moved = $low->plus(Length::nm((int) round($by * 1_000_000)))->roundedTo($step);
            if (! $moved->equals($low) && abs($by) > 0) {
                $changes["{$place}.{$axis}[0]"] = $exact->exact($moved);
                $changes["{$place}.{$axis}[1]"] = $exact->exact($high->plus($moved->minus($low)));
            }
        }

        return $changes;
    }
}
