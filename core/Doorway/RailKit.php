<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** The bar that the wheels ride, as the kit has it. */
final readonly class RailKit
{
    /**
     * @param  non-empty-list<Length>  $lengths  ascending
     * @param  list<Length>  $holesAt  where the sheet lists them, from the left end of a piece
     */
    public function __construct(
        public Length $height,
        public Length $thickness,
        public array $lengths,
        public bool $cuttable,
        public Length $endMargin,
        public Length $spliceOver,
        public bool $freeHoles,
        public Length $firstHole,
        public Length $maxSpacing,
        public Length $holeDiameter,
        public Length $firstFixingWithin,
        public Length $maxFixingSpacing,
        public RailMaterial $material,
        public array $holesAt,
    ) {}
}
