<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Doorway\Made\Made;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** The leaf that is wanted; width and height are null where they are to be worked out. */
final readonly class LeafBrief
{
    /**
     * @param  list<Length>  $stockWidths
     * @param  list<Length>  $stockHeights
     * @param  list<Span>  $solid  solid members across the leaf, from its leading edge
     * @param  float  $glassM2  0 where there is no glass
     * @param  ?Made  $made  how it is built; null of one that is bought
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
        public float $hardwareKg,
        public Length $trimLimit,
        public array $solid,
        public ?Made $made = null,
    ) {}

    /**
     * Whether a hole so far from the leading edge lies in a solid member, with $around of it to either side; null where
     * nobody has told what is inside.
     */
    public function holds(Length $at, Length $around): ?bool
    {
        foreach ($this->solid as $member) {
            if ($member->contains($at->minus($around)) && $member->contains($at->plus($around))) {
                return true;
            }
        }

        return $this->solid === [] ? null : false;
    }

    /** Null is worked out. */
    public function sized(?Length $width, ?Length $height, ?Length $thickness = null): self
    {
        return new self(
            $width,
            $height,
            $thickness ?? $this->thickness,
            $this->stile,
            $this->stockWidths,
            $this->stockHeights,
            $this->construction,
            $this->glassM2,
            $this->glassThickness,
            $this->massKg,
            $this->hardwareKg,
            $this->trimLimit,
            $this->solid,
            $this->made,
        );
    }
}
