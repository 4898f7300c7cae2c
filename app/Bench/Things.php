<?php

declare(strict_types=1);

namespace App\Bench;

use YokeLine\Measure\Length;

/** What is found on walls, with the size it usually has and the height it usually stands at. */
final class Things
{
    /** In mm: y, width, height, projection. */
    public const SIZES = [
        'switch' => [1100, 86, 86, 12],
        'socket' => [300, 86, 146, 12],
        'thermostat' => [1400, 90, 90, 25],
        'vent' => [2100, 300, 150, 15],
        'radiator' => [120, 600, 600, 110],
        'shelf' => [1400, 600, 40, 200],
        'furniture' => [0, 900, 800, 450],
    ];

    public static function projection(string $kind): Length
    {
        return Length::mm(self::SIZES[$kind][3] ?? 0);
    }
}
