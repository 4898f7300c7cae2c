<?php

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** The leaf that is wanted; width and height are null where they are to be worked out. */
final readonly class LeafBrief
{
    /**
     * @param  list<Length>  $stockWidths
     * @param  list<Length>  $stockHeights
     * @param  float  $glassM2  0 where there is no glass
     */
    public function __construct(
        public ?Length $width,
        public ?Length $height,
        public ?Length $thickness,
        public Length $stile,
        public array $stockWidths,
        public array $stockHeights,
        public ?string $construction,
        public float $glassM2,
        public Length $glassThickness,
        public ?float $massKg,
    ) {}
}
