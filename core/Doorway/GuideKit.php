<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** What holds the foot of the leaf, as the kit has it. */
final readonly class GuideKit
{
    public function __construct(
        public GuideStyle $style,
        public Length $length,
        public Length $bladeHeight,
        public Length $bladeThickness,
        public Length $minEngagement,
        public Length $cheek,
    ) {}
}
