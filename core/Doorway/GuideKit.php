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

    /** Of the groove that its blade runs in; null where it needs none. */
    public function grooveWidth(GuideTouch $touch): ?Length
    {
        return $this->style->needsGroove() ? $this->bladeThickness->plus(Length::nm($touch->airNm())) : null;
    }
}
