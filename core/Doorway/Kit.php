<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** Rail, hangers, stops and guide made to go together, with their geometry. */
final readonly class Kit
{
    /**
     * @param  list<Hang>  $hangs  what it is made for
     * @param  list<Part>  $contents  what its box holds, [] where the sheet is silent
     * @param  ?Length  $catchDepth  what a catch of the soft close takes up, from the rail
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $hangs,
        public float $capacityKg,
        public Span $leafThickness,
        public Length $rise,
        public Length $standoff,
        public Length $standoffBase,
        public Length $boltDiameter,
        public Length $boltLength,
        public RailKit $rail,
        public Hanger $hanger,
        public Stop $stop,
        public GuideKit $guide,
        public ?JumpDisc $jumpDisc,
        public ?SoftClose $softClose,
        public Span $topGap,
        public ?Bracket $bracket = null,
        public ?Length $trackPitch = null,
        public ?Wheel $wheel = null,
        public array $contents = [],
        public ?Length $catchDepth = null,
        public ?float $price = null,
    ) {}

    /**
     * How high bolts go in along a rail line: on it, or on the rows of a bracket.
     *
     * @return non-empty-list<Length>
     */
    public function boltHeights(Length $line): array
    {
        return $this->bracket === null ? [$line] : array_map($line->plus(...), $this->bracket->rows);
    }

    /** From the top edge of the leaf to the foot of the rail. */
    public function topGapAsMade(): Length
    {
        return $this->rise->minus($this->rail->height->half());
    }
}
