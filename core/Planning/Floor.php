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
     * @param  Length  $highSpot  the first place under the sweep where it is highest
     * @param  Length  $lowSpot  the first place under the sweep where it is lowest
     */
    private function __construct(
        private array $readings,
        public Span $sweep,
        private Length $high,
        private Length $low,
        private Length $highSpot,
        private Length $lowSpot,
    ) {}

    /** @param  list<FloorReading>  $readings  in any order */
    public static function under(array $readings, Span $sweep): self
    {
        usort($readings, fn (FloorReading $a, FloorReading $b) => $a->x->nm <=> $b->x->nm);
        $flat = new self($readings, $sweep, Length::zero(), Length::zero(), $sweep->low, $sweep->low);
        $high = $low = $sweep->low;
        [$highest, $lowest] = [$flat->at($high), $flat->at($low)];
        foreach ($flat->places() as $place) {
            $level = $flat->at($place);
            [$high, $highest] = $level->isOver($highest) ? [$place, $level] : [$high, $highest];
            [$low, $lowest] = $level->isUnder($lowest) ? [$place, $level] : [$low, $lowest];
        }

        return new self($readings, $sweep, $highest, $lowest, $high, $low);
    }

    /** f(x): the floor at x from the high spot, 0 or below under the sweep. */
    public function at(Length $x): Length
    {
        [$before, $after] = $this->around($x);

        return ($after === null ? Length::zero() : $this->between($before ?? $after, $after, $x))->minus($this->high);
    }

    /**
     * @return array{?FloorReading, ?FloorReading} the readings that a place lies between: the last before it, and the
     * first not before it, else the last
     */
    public function around(Length $x): array
    {
        $from = 0;
        for ($to = count($this->readings); $from < $to;) {
            $middle = intdiv($from + $to, 2);
            [$from, $to] = $this->readings[$middle]->x->isUnder($x) ? [$middle + 1, $to] : [$from, $middle];
        }
        $before = $this->readings[$from - 1] ?? null;

        return [$before, $this->readings[$from] ?? $before];
    }

    public function highSpot(): Length
    {
        return $this->highSpot;
    }

    public function lowSpot(): Length
    {
        return $this->lowSpot;
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

    /** @return non-empty-list<Length> the ends of the sweep and every reading between: where the floor can turn */
    public function places(): array
    {
        $between = array_filter(
            $this->readings,
            fn (FloorReading $at) => $at->x->isOver($this->sweep->low) && $at->x->isUnder($this->sweep->high),
        );

        return [
            $this->sweep->low,
            ...array_values(array_map(fn (FloorReading $at) => $at->x, $between)),
            $this->sweep->high,
        ];
    }

    private function between(FloorReading $a, FloorReading $b, Length $x): Length
    {
        $run = $b->x->minus($a->x);

        return $run->isZero()
            ? $b->level
            : $a->level->plus($b->level->minus($a->level)->scaled($x->minus($a->x)->nm, $run->nm));
    }
}
