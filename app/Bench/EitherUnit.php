<?php

declare(strict_types=1);

namespace App\Bench;

use YokeLine\Measure\Pounds;
use YokeLine\Measure\Unit;
use YokeLine\Setout;

/** The field of an amount that a document tells in one of two units: the one it was told in, else the doorway's own. */
final class EitherUnit
{
    /** What each is written as, and how many of the metric one it is. */
    private const PAIRS = [
        'kg' => ['lb', Pounds::KG],
        'm2' => ['sqft', Pounds::M2_A_SQUARE_FOOT],
        'N' => ['lbf', Pounds::N],
    ];

    /**
     * @param  string  $place  without its unit: `brief.leaf.mass`
     * @param  ?float  $worked  what it is where nothing is told, in the metric unit
     */
    public static function of(
        Setout $setout,
        string $place,
        string $metric,
        ?float $worked = null,
        bool $isShort = false,
    ): Field {
        [$other, $of] = self::PAIRS[$metric];
        $isOther = match (true) {
            $setout->document->get("{$place}_{$other}") !== null => true,
            $setout->document->get("{$place}_{$metric}") !== null => false,
            default => $setout->doorway->units === Unit::Inch,
        };
        $grey = $worked === null ? null : (string) ($isOther ? round($worked / $of) : round($worked, 1));

        return Field::of("{$place}_".($isOther ? $other : $metric), grey: $grey, isShort: $isShort);
    }
}
