<?php

declare(strict_types=1);

namespace YokeLine\Doorway\Made;

use YokeLine\Measure\Length;

/** A leaf that was something else before. */
final readonly class OldLeaf
{
    /**
     * @param  string  $of  left, right, rear, front; '' where the leaves are made alike
     * @param  string  $kind  softwood, hardwood, mdf, plywood, chipboard, hollow
     * @param  string  $species  '' where nobody knows
     * @param  ?float  $massKg  whole, as it is
     * @param  ?Length  $stile  solid from its long edges; null where nobody says
     * @param  ?Length  $top  solid from its top edge
     * @param  ?Length  $bottom  solid from its foot
     * @param  ?Length  $skin  of a hollow one
     * @param  list<OldHole>  $holes
     * @param  ?Length  $block  of a hollow one: solid wood that is put in behind a long edge that stays outside
     * @param  string  $place  in the document
     */
    public function __construct(
        public string $of,
        public Length $width,
        public Length $height,
        public Length $thickness,
        public string $kind,
        public string $species,
        public ?float $massKg,
        public ?Length $stile,
        public ?Length $top,
        public ?Length $bottom,
        public ?Length $skin,
        public array $holes,
        public ?Length $block = null,
        public string $place = '',
    ) {}

    public function isHollow(): bool
    {
        return $this->kind === 'hollow';
    }

    /** Whether nobody told of anything but wood in it. */
    public function isSolidThroughout(): bool
    {
        return ! $this->isHollow() && $this->stile === null && $this->top === null && $this->bottom === null;
    }
}
