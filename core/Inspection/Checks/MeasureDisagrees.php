<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\FloorReading;
use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/** Readings of one thing that differ by more than a wall does. */
final class MeasureDisagrees implements AlongCheck
{
    private const DIFFERS_MM = 12;

    public function look(CheckContext $context): iterable
    {
        $survey = $context->plan->doorway->survey;
        $readings = [
            'survey.opening.width' => ['width', $survey->opening->widths ?? [], ''],
            'survey.opening.height' => ['height', $survey->opening->heights ?? [], ''],
            'survey.floor.readings' => [
                'floor',
                array_map(fn (FloorReading $at) => $at->level, $survey->floor),
                '.level',
            ],
        ];
        foreach ($readings as $path => [$name, $lengths, $key]) {
            $i = $this->odd($lengths);
            if ($i !== null) {
                yield new Finding(
                    FindingCode::MeasureDisagrees,
                    Severity::Settle,
                    "{$path}[{$i}]{$key}",
                    [
                        'reading' => $lengths[$i],
                        'what' => Message::word('measures', $name),
                        'n' => $i + 1,
                        'by' => Length::mm(self::DIFFERS_MM),
                    ],
                    [$context->cure('leave-reading-out', ["{$path}[{$i}]" => null], ['reading' => $lengths[$i]])],
                );

                return;
            }
        }
    }

    /**
     * A reading is odd where it differs from every neighbour by more than that; of several, the one furthest from the
     * middle one of all.
     *
     * @param  list<Length>  $lengths
     */
    private function odd(array $lengths): ?int
    {
        $sorted = array_map(fn (Length $length) => $length->nm, $lengths);
        sort($sorted);
        $middle = $sorted[intdiv(max(0, count($sorted) - 1), 2)] ?? 0;
        $odd = null;
        foreach ($lengths as $i => $length) {
            $away = array_map(
                fn (Length $other) => $other->minus($length)->absolute(),
                array_values(array_filter([$lengths[$i - 1] ?? null, $lengths[$i + 1] ?? null])),
            );
            if (
                $away !== [] &&
                Length::least(...$away)->isOver(Length::mm(self::DIFFERS_MM)) &&
                ($odd === null || abs($length->nm - $middle) > abs($lengths[$odd]->nm - $middle))
            ) {
                $odd = $i;
            }
        }

        return $odd;
    }
}
