<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;

/** What holds the foot of the leaf: the kit's own, or one that is bought by itself. */
final readonly class GuideKit
{
    public function __construct(
        public GuideStyle $style,
        public Length $length,
        public Length $bladeHeight,
        public Length $bladeThickness,
        public Length $minEngagement,
        public Length $cheek,
        public bool $isBought = false,
    ) {}

    /** One that is bought by itself, of usual make. */
    public static function bought(GuideStyle $style): self
    {
        // Its length, the height and thickness of its blade, what must hold, how high its cheek or wheel is.
        $sizes = match ($style) {
            GuideStyle::TFin, GuideStyle::DoubleFin => [40, 20, 5, 6, 30],
            GuideStyle::UShoe => [44, 0, 0, 10, 30],
            GuideStyle::WallRoller => [36, 0, 0, 10, 35],
        };

        return new self($style, ...[...array_map(Length::mm(...), $sizes), true]);
    }

    /** Of the groove that its blade runs in; null where it needs none. */
    public function grooveWidth(GuideTouch $touch, Unit $unit): ?Length
    {
        return $this->style->needsGroove() ? $this->bladeThickness->plus($touch->air($unit)) : null;
    }
}
