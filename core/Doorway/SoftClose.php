<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** The damper on the rail that takes the leaf in. */
final readonly class SoftClose
{
    /**
     * @param  ?Length  $shortScrews  of two lengths in its box the one for the catch
     * @param  ?Length  $longScrews  the one for the trigger in the leaf's top edge
     */
    public function __construct(
        public Length $stroke,
        public Length $catchLength,
        public Length $minLeafWidth,
        public CatchSides $sides = CatchSides::Both,
        public ?Length $shortScrews = null,
        public ?Length $longScrews = null,
    ) {}

    public function only(CatchSides $wanted): self
    {
        $sides = $this->sides->only($wanted);

        return $sides === $this->sides
            ? $this
            : new self(
                $this->stroke,
                $this->catchLength,
                $this->minLeafWidth,
                $sides,
                $this->shortScrews,
                $this->longScrews,
            );
    }

    /** What a leaf must travel: one stroke at each end that has a catch. */
    public function strokes(): Length
    {
        return $this->stroke->times($this->sides->count());
    }
}
