<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** What carries the leaf. */
final readonly class Hanger
{
    /** @param  list<Length>  $holeOffsets  below the first hole */
    public function __construct(
        public HangerStyle $style,
        public Length $inset,
        public Length $strapWidth,
        public Length $strapPlane,
        public Length $strapThickness,
        public Length $boltHead,
        public ?Length $holeToTread,
        public array $holeOffsets,
        public Length $holeDiameter,
        public ?Length $plateLength,
        public Length $above,
        public Length $liftOn,
    ) {}

    /** Solid wood wanted to either side of the middle of a hole: 12 past its edge. */
    public function solidAround(): Length
    {
        return $this->holeDiameter->half()->plus(Length::mm(12));
    }

    /** What it takes up along the leaf. */
    public function length(): Length
    {
        return $this->plateLength ?? $this->strapWidth;
    }
}
