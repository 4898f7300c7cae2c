<?php

declare(strict_types=1);

namespace YokeLine\Doorway\Made;

use YokeLine\Measure\Length;

/** A leaf that is built in the shop for this opening. */
final readonly class Made
{
    /**
     * @param  string  $species  of every part that has none of its own
     * @param  ?float  $moisture  of the wood as it is built, %; as it rests in its setting where nobody measured
     * @param  list<Length>  $stock  lengths of bars to be had; those that are usual where none is said
     */
    public function __construct(
        public Way $way,
        public string $species,
        public Sawn $sawn,
        public Setting $setting,
        public ?float $moisture,
        public array $stock,
        public Planked|Framed|Joined|Glazed $build,
    ) {}

    /** Its own stiles, where it has a frame. */
    public function stile(): ?Length
    {
        return $this->build instanceof Framed || $this->build instanceof Glazed ? $this->build->stile : null;
    }

    /** How thick it comes out: at the thickest of what it is joined from. */
    public function thickness(): ?Length
    {
        $build = $this->build;

        return match (true) {
            $build instanceof Planked => $build->board->thickness->plus($build->ledgeThickness),
            $build instanceof Framed => $build->wholeThickness(),
            $build instanceof Glazed => $build->thickness,
            $build->from === [] => null,
            default => Length::greatest(...array_map(fn (OldLeaf $old) => $old->thickness, $build->from)),
        };
    }
}
