<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** A leaf that is there already, as it was measured. */
final readonly class LeafInHand
{
    /** @param  list<Length>  $thicknesses  at the hangers; one alone counts at both */
    public function __construct(
        public ?Length $width,
        public ?Length $height,
        public array $thicknesses,
        public ?float $massKg,
    ) {}
}
