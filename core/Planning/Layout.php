<?php

namespace YokeLine\Planning;

use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;

/** Everything along the wall that follows from how the door hangs. */
final readonly class Layout
{
    /**
     * @param  array<string, Sum>  $stops  faces, by what they end
     * @param  Sum  $endRoom  what must stay free at the end of the wall
     */
    public function __construct(
        public Covering $covering,
        public LeafSize $width,
        public LeafRun $run,
        public Sum $endRoom,
        public Sum $passage,
        public array $stops,
        public Sum $railFrom,
        public Sum $railTo,
    ) {}

    public function leastRail(): Span
    {
        return new Span($this->railFrom->total, $this->railTo->total);
    }

    public function mirrored(): self
    {
        return new self(
            $this->covering->mirrored(),
            $this->width,
            $this->run->mirrored(),
            $this->endRoom,
            $this->passage->mirrored(),
            array_map(fn (Sum $face) => $face->mirrored(), $this->stops),
            $this->railTo->mirrored(),
            $this->railFrom->mirrored(),
        );
    }
}
