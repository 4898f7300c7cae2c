<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/**
 * How far off each thing may be, either way: what a tape reads or marks, a level, a leaf as it is made, a hole, a
 * number of the kit or a thickness.
 */
final readonly class PlusMinus
{
    public function __construct(
        public Length $tape,
        public Length $level,
        public Length $leaf,
        public Length $hole,
        public Length $kit,
    ) {}

    /** How far off a field may be that is unsure by this. */
    public function of(?Unsure $by): Length
    {
        return match ($by) {
            Unsure::Tape => $this->tape,
            Unsure::Level => $this->level,
            Unsure::Leaf => $this->leaf,
            Unsure::Kit => $this->kit,
            null => Length::zero(),
        };
    }
}
