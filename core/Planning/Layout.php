<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Doorway\Stop;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;

/** Everything along the wall that follows from how the door hangs. */
final readonly class Layout
{
    /**
     * @param  non-empty-array<string, LeafRun>  $runs  by leaf: `leaf`, or `left` and `right`, or `rear` and `front`
     * @param  Sum  $endRoom  what must stay free at the end of the wall
     * @param  non-empty-array<string, Sum>  $passages  by the way it opens: `clear` where there is but one
     * @param  array<string, Sum>  $stops  faces, by what they end
     * @param  non-empty-array<string, Window>  $guideWindows  where a guide may stand, by guide
     * @param  ?Length  $meeting  where two leaves meet
     * @param  list<string>  $buffers  stops that are buffers on the wall, not on the rail
     * @param  ?Sum  $midOverlap  how far two leaves that pass each other overlap when shut
     */
    public function __construct(
        public Covering $covering,
        public LeafSize $width,
        public array $runs,
        public Sum $endRoom,
        public array $passages,
        public array $stops,
        public Sum $railFrom,
        public Sum $railTo,
        public array $guideWindows,
        public ?Length $meeting = null,
        public ?Sum $midOverlap = null,
        public array $buffers = [],
    ) {}

    /** The leaf that runs nearest the wall, or the first of two alike. */
    public function first(): LeafRun
    {
        return array_values($this->runs)[0];
    }

    public function leastRail(): Span
    {
        return new Span($this->railFrom->total, $this->railTo->total);
    }

    /** Everything that a leaf covers between shut and open. */
    public function sweep(): Span
    {
        return array_reduce($this->runs, fn (Span $all, LeafRun $run) => $all->joined($run->sweep()), $this->first()->sweep());
    }

    /** @return list<Span> where the bodies of the stops lie on the rail: each outside its face, away from the wheel that it stops */
    public function stopBodies(Stop $stop): array
    {
        $wheels = [];
        foreach ($this->runs as $run) {
            foreach ([$run->closed(), $run->open()] as $leaf) {
                array_push($wheels, $run->hangers($leaf)->low->nm, $run->hangers($leaf)->high->nm);
            }
        }

        return array_values(array_map(fn (Sum $face) => in_array($face->total->plus($stop->reach)->nm, $wheels, true)
            ? new Span($face->total->minus($stop->body), $face->total)
            : new Span($face->total, $face->total->plus($stop->body)), array_diff_key($this->stops, array_flip($this->buffers))));
    }

    /** @return list<Span> bodies that no standoff may stand under: none where the stops pass standoffs */
    public function stopsInTheWay(Stop $stop): array
    {
        return $stop->passesStandoffs ? [] : $this->stopBodies($stop);
    }

    /** The space between the two inner stops of leaves that meet. */
    public function centreStopSpace(): ?Length
    {
        return $this->meeting === null ? null : $this->stops['right_closed']->total->minus($this->stops['left_closed']->total);
    }

    public function mirrored(): self
    {
        $flip = fn (Sum $sum) => $sum->mirrored();

        return new self(
            $this->covering->mirrored(),
            $this->width,
            array_map(fn (LeafRun $run) => $run->mirrored(), $this->runs),
            $this->endRoom,
            array_map($flip, $this->passages),
            array_map($flip, $this->stops),
            $this->railTo->mirrored(),
            $this->railFrom->mirrored(),
            array_map(fn (Window $window) => $window->mirrored(), $this->guideWindows),
            buffers: $this->buffers,
        );
    }
}
