<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** A masonry anchor, from its own sheet: allowable tension and shear in N. */
final readonly class Anchor
{
    public function __construct(
        public string $kind,
        public Length $diameter,
        public Length $embedment,
        public float $tensionN,
        public float $shearN,
    ) {}
}
