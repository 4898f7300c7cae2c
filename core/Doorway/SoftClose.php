<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** The damper on the rail that takes the leaf in. */
final readonly class SoftClose
{
    public function __construct(public Length $stroke, public Length $catchLength, public Length $minLeafWidth) {}

    /** What a leaf must travel: one stroke at each end. */
    public function strokes(): Length
    {
        return $this->stroke->times(2);
    }
}
