<?php

declare(strict_types=1);

namespace YokeLine\Doorway\Made;

use YokeLine\Measure\Length;

/** A frame with bars, and panes between. */
final readonly class Glazed
{
    /** @param  string  $glass  toughened, laminated or float */
    public function __construct(
        public Length $stile,
        public Length $top,
        public Length $bottom,
        public Length $bar,
        public Length $thickness,
        public string $frameSpecies,
        public int $columns,
        public int $rows,
        public string $glass,
        public Length $glassThickness,
        public ?Length $rebate,
        public ?Length $bead,
    ) {}

    public function isSafe(): bool
    {
        return $this->glass !== 'float';
    }
}
