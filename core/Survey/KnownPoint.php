<?php

declare(strict_types=1);

namespace YokeLine\Survey;

use YokeLine\Doorway\Survey;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\Floor;

/** A corner of a wall that its survey tells the place of, and that a photograph shows. */
final readonly class KnownPoint
{
    /** @param  string  $key  its name in the book of words */
    private function __construct(public string $key, public Length $x, public Length $y) {}

    /**
     * Those that are known, the opening's first; heights stand on the floor below them.
     *
     * @return array<string, self> by key
     */
    public static function of(Survey $survey): array
    {
        [$opening, $ceiling] = [$survey->opening, $survey->ceiling];
        $points = [];
        if ($opening !== null && $opening->heights !== []) {
            [$jambs, $casing] = [$opening->span(), $opening->casing];
            $last = $opening->heights[count($opening->heights) - 1];
            $points = [
                ['opening-left-floor', $jambs->low, Length::zero()],
                ['opening-left-head', $jambs->low, $opening->heights[0]],
                ['opening-right-head', $jambs->high, $last],
                ['opening-right-floor', $jambs->high, Length::zero()],
                ['casing-left-head', $jambs->low->minus($casing->left), $opening->heights[0]->plus($casing->head)],
                ['casing-right-head', $jambs->high->plus($casing->right), $last->plus($casing->head)],
            ];
            if (! $casing->head->isPositive()) {
                array_splice($points, 4);
            }
        }
        foreach (['left' => $survey->wallFrom, 'right' => $survey->wallTo] as $side => $x) {
            if ($x !== null) {
                $points[] = ["wall-{$side}-floor", $x, Length::zero()];
                if ($ceiling !== null) {
                    $points[] = ["wall-{$side}-ceiling", $x, $ceiling];
                }
            }
        }

        return array_combine(
            array_column($points, 0),
            array_map(
                fn (array $at) => new self($at[0], $at[1], $at[2]->plus(self::floorAt($survey, $at[1]))),
                $points,
            ),
        );
    }

    /** From where it is highest between the jambs: there the plan's heights begin too, before it knows its sweep. */
    private static function floorAt(Survey $survey, Length $x): Length
    {
        return Floor::under($survey->floor, $survey->opening?->span() ?? new Span($x, $x))->at($x);
    }
}
