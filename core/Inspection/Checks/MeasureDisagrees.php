<?php

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\FloorReading;
use YokeLine\Inspection\Check;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;

/** Readings of one thing that differ by more than a wall does. */
final class MeasureDisagrees implements Check
{
    public function look(Sight $sight): iterable
    {
        $survey = $sight->plan->doorway->survey;
        $readings = [
            'survey.opening.width' => ['width', $survey->opening->widths ?? [], ''],
            'survey.opening.height' => ['height', $survey->opening->heights ?? [], ''],
            'survey.floor.readings' => ['floor level', array_map(fn (FloorReading $at) => $at->level, $survey->floor), '.level'],
        ];
        foreach ($readings as $path => [$name, $lengths, $key]) {
            foreach ($this->odd($lengths) as $i => $off) {
                yield new Finding(
                    'measure-disagrees', Severity::Settle, 'Measure '.$name.' '.($i + 1).' again',
                    "{$sight->say($lengths[$i])} is {$sight->say($off)} away from its neighbours.",
                    "{$path}[{$i}]{$key}", ['off' => $off, 'reading' => $lengths[$i]],
                    [$sight->cure('Leave '.$sight->say($lengths[$i]).' out', ["{$path}[{$i}]" => null])],
                );

                return;
            }
        }
    }

    /**
     * A reading is odd where it differs from every neighbour by more than 12.
     *
     * @param  list<Length>  $lengths
     * @return array<int, Length> place in the list => least difference from a neighbour
     */
    private function odd(array $lengths): array
    {
        $odd = [];
        foreach ($lengths as $i => $length) {
            $away = array_map(fn (Length $other) => $other->minus($length)->absolute(), array_values(array_filter([$lengths[$i - 1] ?? null, $lengths[$i + 1] ?? null])));
            if ($away !== [] && Length::least(...$away)->isOver(Length::mm(12))) {
                $odd[$i] = Length::least(...$away);
            }
        }

        return array_reverse($odd, true);
    }
}
