<?php

declare(strict_types=1);

namespace App\Meter;

use App\Plain;
use App\Words\Speaker;
use Illuminate\Support\Facades\Cache;

/**
 * Stands in for a meter in the hand: sends the readings of a made-up doorway one at a time, in walking order, round and
 * round.
 */
final readonly class SimulatedMeter implements DistanceMeter
{
    public function __construct(private string $file) {}

    public function name(): string
    {
        return Speaker::words('bench.simulated-meter');
    }

    public function next(string $browser): ?string
    {
        $readings = array_values(
            array_filter(
                array_map(trim(...), file($this->file) ?: []),
                fn (string $line) => $line !== '' && $line[0] !== '#',
            ),
        );
        $key = "meter {$browser}";
        $at = Plain::number(Cache::get($key));
        Cache::put($key, $at + 1, 86_400);

        return $readings === [] ? null : $readings[$at % count($readings)];
    }
}
