<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Doorway\EndBy;
use YokeLine\Doorway\Stop;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;
use YokeLine\Measure\Unit;

/** Everything along the wall that follows from how the door hangs. */
final readonly class Layout
{
    /**
     * @param  non-empty-array<string, LeafRun>  $runs  by leaf: `leaf`, or `left` and `right`, or `rear` and `front`
     * @param  Sum  $endRoom  what must stay free at the end of the wall
     * @param  non-empty-array<string, Sum>  $passages  by the way it opens: `clear` where there is but one
     * @param  array<string, Sum>  $stops  faces, by what they end; of a buffer the edge of the leaf
     * @param  non-empty-array<string, Window>  $guideWindows  where a guide may stand, by guide
     * @param  ?Length  $meeting  where two leaves meet
     * @param  array<string, EndBy>  $ends  what ends each leaf's travel, by leaf and way: `leaf.shut`
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
        public array $ends = [],
    ) {}

    public function leastRail(): Span
    {
        return new Span($this->railFrom->total, $this->railTo->total);
    }

    /** Everything that a leaf covers between shut and open. */
    public function sweep(): Span
    {
        return Span::around(...array_map(fn (LeafRun $run) => $run->sweep(), array_values($this->runs)));
    }

    /** All leaves together when shut. */
    public function shut(): Span
    {
        return Span::around(...array_map(fn (LeafRun $run) => $run->closed(), array_values($this->runs)));
    }

    /** All leaves together when each is open. */
    public function open(): Span
    {
        return Span::around(...array_map(fn (LeafRun $run) => $run->open(), array_values($this->runs)));
    }

    /** Between leaves that meet, when both are open: the one furthest to the left first. */
    public function between(): Span
    {
        $open = array_map(fn (LeafRun $run) => $run->open(), array_values($this->runs));

        return Span::between($open[0]->high, $open[count($open) - 1]->low);
    }

    /** From the edge of a leaf to the middle of its hanger: alike on every leaf. */
    public function hangerInset(): Length
    {
        return $this->runs[array_key_first($this->runs)]->hangerInset;
    }

    /** @return array<string, Sum> faces of those that sit on a rail, by what they end */
    public function stopsOnRail(): array
    {
        $onRail = [];
        foreach ($this->runs as $leaf => $run) {
            foreach (['shut' => $run->shutStop, 'open' => $run->openStop] as $way => $stop) {
                $this->endedBy($leaf, $way) === EndBy::Stop && ($onRail[$stop] = true);
            }
        }

        return array_intersect_key($this->stops, $onRail);
    }

    /** @param  'shut'|'open'  $way */
    public function endedBy(string $leaf, string $way): EndBy
    {
        return $this->ends["{$leaf}.{$way}"] ?? EndBy::Stop;
    }

    /**
     * What must stay free between the outermost leaf when shut and the end of the wall on that side.
     *
     * @param  'left'|'right'  $side
     */
    public function roomKept(string $side, Unit $unit): Length
    {
        foreach ($this->runs as $leaf => $run) {
            $isOutermost =
                $side === 'left'
                    ? $run->left->total->equals($this->shut()->low)
                    : $run->right->total->equals($this->shut()->high);
            $way = ($side === 'left') === ($run->direction === 1) ? 'shut' : 'open';
            if ($isOutermost && $this->endedBy($leaf, $way) === EndBy::WallBuffer) {
                return Buffer::thickness($unit);
            }
        }

        return $this->endRoom->total;
    }

    /**
     * @return list<Span> where the bodies of the stops lie on the rail: each outside its face, away from the wheel that
     * it stops
     */
    public function stopBodies(Stop $stop): array
    {
        $bodies = [];
        foreach ($this->stopsOnRail() as $name => $face) {
            $bodies[] = $this->endsToTheLeft($name)
                ? new Span($face->total->minus($stop->body), $face->total)
                : new Span($face->total, $face->total->plus($stop->body));
        }

        return $bodies;
    }

    /** Whether a stop ends a way to the left: shut of a leaf that opens right, open of one that opens left. */
    private function endsToTheLeft(string $stop): bool
    {
        foreach ($this->runs as $run) {
            if ($stop === $run->shutStop || $stop === $run->openStop) {
                return ($stop === $run->shutStop) === ($run->direction === 1);
            }
        }

        return false;
    }

    /** @return list<Span> bodies that no standoff may stand under: none where the stops pass standoffs */
    public function stopsInTheWay(Stop $stop): array
    {
        return $stop->passesStandoffs ? [] : $this->stopBodies($stop);
    }

    /** The space between the two inner stops of leaves that meet. */
    public function centreStopSpace(): ?Length
    {
        return $this->meeting === null
            ? null
            : $this->stops['right_closed']->total->minus($this->stops['left_closed']->total);
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
            ends: $this->ends,
        );
    }
}
