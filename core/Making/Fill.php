<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Measure\Length;

/** A hole of an old leaf that is filled. */
final readonly class Fill
{
    /**
     * @param  int  $from  which of the leaf's old ones
     * @param  Length  $depth  less what is planed or ripped off over it
     * @param  Length  $width  across the leaf's thickness, of one in an edge
     */
    public function __construct(
        public int $from,
        public Zone $zone,
        public Length $depth,
        public Length $width,
    ) {}
}
