<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** The bar that the wheels ride, as the kit has it. */
final readonly class RailKit
{
    /**
     * @param  non-empty-list<Length>  $lengths  ascending
     * @param  list<RailPart>  $parts  as they are numbered, from the left
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
        public array $parts = [],
    ) {}

    /**
     * The pieces that make a length, from the left: the numbered ones that its maker sells it in, else the fewest that
     * can be had, all alike.
     *
     * @return non-empty-list<Length>
     */
    public function piecesOf(Length $length): array
    {
        $sold = [];
        $end = Length::zero();
        foreach ($this->parts as $part) {
            $sold[] = $part->length;
            $end = $end->plus($part->length);
            if ($end->equals($length)) {
                return $sold;
            }
        }
        $count = $length->isOver($this->spliceOver) ? max(2, $length->stepsOf(Length::greatest(...$this->lengths))) : 1;

        return array_map(
            fn (int $i) => $length->scaled($i, $count)->minus($length->scaled($i - 1, $count)),
            range(1, $count),
        );
    }
}
