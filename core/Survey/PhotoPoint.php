<?php

declare(strict_types=1);

namespace YokeLine\Survey;

use YokeLine\Measure\Length;

/** A point that is known in a photograph and on the wall. */
final readonly class PhotoPoint
{
    /**
     * @param  float  $across  in the picture from its left edge, in widths of the picture
     * @param  float  $down  from its upper edge, in widths of the picture too
     * @param  Length  $x  along the wall
     * @param  Length  $y  up it
     */
    public function __construct(public float $across, public float $down, public Length $x, public Length $y) {}
}
