<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Doorway\FloorReading;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** The floor under a sweep: straight between its readings, flat beyond them; with no reading it counts as level. */
final readonly class Floor
{
    /**
     * @param  list<FloorReading>  $readings  ascending
     * @param  Length  $high  the greatest level under the sweep: y = 0
     * @param  Length  $low  the least one
     */
    private function __construct(private array $readings, public Span $sweep, private Length $high, private Length $low) {}

    /** @param  list<FloorReading>  $readings in any order */
    public static function under(array $readings, Span $sweep): self
    {
        usort($readings, fn (FloorReading $a, FloorReading $b) => $a->x->nm <=> $b->x->nm);
        $flat = new self($readings, $sweep, Length::zero(), Length::zero());
        $levels = array_map($flat->at(...), $flat->places());

        return new self($readings, $sweep, Length::greatest(...$levels), Length::least(...$levels));
    }

    /** f(x): the floor at x from the high spot, 0 or below under the sweep. */
    public function at(Length $x): Length
    {
        $before = null;
        foreach ($this->readings as $reading) {
            if (! $reading->x->isUnder($x)) {
                return $this->between($before ?? $reading, $reading, $x)->minus($this->high);
            }
            $before = $reading;
        }

        return ($before->level ?? Length::zero())->minus($this->high);
    }

    /** The first place under the sweep where the floor is highest. */
    public function highSpot(): Length
    {
        foreach ($this->places() as $place) {
            if ($this->at($place)->isZero()) {
                return $place;
            }
        }

        return $this->sweep->low;
    }

    /** The level that heights count from. */
    public function level(): int
    {
        return $this->high->nm;
    }

    /** How far the floor falls from its highest to its lowest place under the sweep. */
    public function fall(): Length
    {
        return $this->high->minus($this->low);
    }

    /** The place under the sweep where the floor is lowest. */
    public function lowSpot(): Length
    {
        $lowest = $this->fall()->negated();
        foreach ($this->places() as $place) {
            if ($this->at($place)->equals($lowest)) {
                return $place;
            }
        }

        return $this->sweep->high;
    }

    /** @return non-empty-list<Length> the ends of the sweep and every reading between: where the floor can turn */
    public function places(): array
    {
        $between = array_filter($this->readings, fn (FloorReading $at) => $at->x->isOver($this->sweep->low) && $at->x->isUnder($this->sweep->high));

        return [$this->sweep->low, ...array_values(array_map(fn (FloorReading $at) => $at->x, $between)), $this->sweep->high];
    }

    private function between(FloorReading $a, FloorReading $b, Length $x): Length
    {
        $run = $b->x->minus($a->x);

        return $run->isZero() ? $b->level : $a->level->plus($b->level->minus($a->level)->scaled($x->minus($a->x)->nm, $run->nm));
    }
}
