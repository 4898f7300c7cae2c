<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** The hole in the wall as measured. */
final readonly class Opening
{
    /**
     * @param  non-empty-list<Length>  $widths
     * @param  list<Length>  $heights  from the left jamb to the right one, evenly spaced
     */
    public function __construct(
        public Length $left,
        public array $widths,
        public array $heights,
        public Casing $casing,
        public OldDoor $was = OldDoor::None,
        public Spanned $is = Spanned::Doorway,
    ) {}

    public function leastWidth(): Length
    {
        return Length::least(...$this->widths);
    }

    /** From jamb to jamb; the right jamb stands at the left one plus the greatest measured width. */
    public function span(): Span
    {
        return Span::from($this->left, Length::greatest(...$this->widths));
    }

    /**
     * Where along the wall each height counts: evenly from jamb to jamb, one alone at both.
     *
     * @return list<array{Length, int}> the place, and which of the heights
     */
    public function heightPlaces(): array
    {
        $jambs = $this->span();
        $last = count($this->heights) - 1;

        return match (true) {
            $last < 0 => [],
            $last === 0 => [[$jambs->low, 0], [$jambs->high, 0]],
            default => array_map(
                fn (int $i) => [$jambs->low->plus($jambs->length()->scaled($i, $last)), $i],
                range(0, $last),
            ),
        };
    }

    public function mirrored(): self
    {
        return new self(
            $this->span()->high->negated(),
            $this->widths,
            array_reverse($this->heights),
            $this->casing->mirrored(),
            $this->was,
            $this->is,
        );
    }
}
