<?php

declare(strict_types=1);

namespace YokeLine\Tolerance;

use YokeLine\Doorway\FloorReading;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;

/**
 * What another level of one reading does to the floor that heights are worked from: its highest, its lowest, and it by
 * itself where the head is
 * measured. Readings that do the same to it need be tried once.
 */
final readonly class FloorTurn
{
    /** @param  list<int>  $levels  under the sweep, ascending */
    private function __construct(private array $levels, private Plan $plan) {}

    public static function of(Plan $plan): self
    {
        $levels = array_map(fn (Length $x) => $plan->floor->at($x)->nm + $plan->floor->level(), $plan->floor->places());
        sort($levels);

        return new self($levels, $plan);
    }

    /** Alike for two levels, of whichever readings, that give the same floor; null where nothing can be said. */
    public function key(FloorReading $reading, Length $level): ?string
    {
        if ($this->isAtPlace($reading)) {
            return null;
        }
        if (! $this->plan->floor->sweep->surrounds($reading->x)) {
            return 'beside';
        }
        $count = count($this->levels);
        $highest =
            $this->levels[$count - 1] === $reading->level->nm
                ? $this->levels[max(0, $count - 2)]
                : $this->levels[$count - 1];
        $lowest = $this->levels[0] === $reading->level->nm ? $this->levels[min(1, $count - 1)] : $this->levels[0];

        return max($highest, $level->nm).' '.min($lowest, $level->nm);
    }

    /** Whether the floor at the ends of the sweep or where the head is measured lies between it and the next. */
    private function isAtPlace(FloorReading $reading): bool
    {
        $others = array_map(fn (FloorReading $other) => $other->x->nm, $this->plan->doorway->survey->floor);
        $low = max([PHP_INT_MIN, ...array_filter($others, fn (int $x) => $x < $reading->x->nm)]);
        $high = min([PHP_INT_MAX, ...array_filter($others, fn (int $x) => $x > $reading->x->nm)]);
        $places = [
            $this->plan->floor->sweep->low,
            $this->plan->floor->sweep->high,
            ...array_column($this->plan->room->opening->heightPlaces(), 0),
        ];

        return array_filter($places, fn (Length $x) => $x->nm > $low && $x->nm < $high) !== [];
    }
}
