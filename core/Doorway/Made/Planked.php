<?php

declare(strict_types=1);

namespace YokeLine\Doorway\Made;

use YokeLine\Measure\Length;

/** Boards upright on ledges, with braces or without. */
final readonly class Planked
{
    /** @param  ?int  $ledges  how many; as its height asks where nobody says */
    public function __construct(
        public Board $board,
        public Length $ledgeWidth,
        public Length $ledgeThickness,
        public string $ledgeSpecies,
        public bool $ledgesInFront,
        public ?int $ledges,
        public bool $isBraced,
        public bool $isClinched,
    ) {}
}
