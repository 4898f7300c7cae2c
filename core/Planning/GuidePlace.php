<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Doorway\GuideStyle;
use YokeLine\Doorway\Kit;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;

/** Where the floor guide stands and how well it holds. */
final readonly class GuidePlace
{
    /**
     * @param  Sum  $middle  of the window
     * @param  ?Length  $at  its middle, null where the window is too short for it
     * @param  Sum  $hold  how far it reaches past the foot of the leaf: the bite of a fin, the reach of a cheek
     */
    private function __construct(
        public Span $window,
        public ?Length $at,
        public Sum $middle,
        public Length $shortfall,
        public Sum $hold,
        public ?Length $grooveDepth,
        public ?Length $grooveWidth,
    ) {}

    public static function of(Window $window, Floor $floor, Length $gap, Kit $kit): self
    {
        $guide = $kit->guide;
        $short = $guide->length->minus($window->length())->orZeroIfNegative();
        $half = Sum::of('half-window')->plus('window', $window->length());
        $at = Sum::of('middle-guide')
            ->place('guide-window-from', $window->from)
            ->plus('half-window', $half->becomes($window->span()->middle()->minus($window->from->total), 'halved'));
        $middle = $at->total;
        $groove = $guide->style->needsGroove();
        $hold = Sum::of($groove ? 'bite-fin' : 'reach-up-leaf')
            ->plus($groove ? 'blade-height' : 'cheek', $groove ? $guide->bladeHeight : $guide->cheek)
            ->minus('floor-gap', $gap)
            ->plus('floor-at-guide', $floor->at($middle));

        return new self(
            $window->span(),
            $short->isPositive() ? null : $middle,
            $at,
            $short,
            $hold,
            $groove ? $hold->total->plus(Length::mm(3)) : null,
            $guide->grooveWidth(),
        );
    }

    /** A roller stands on the wall beside the casing; every other guide stands on the floor before it. */
    public static function casingInTheWay(Kit $kit, Length $casing): Length
    {
        return $kit->guide->style === GuideStyle::WallRoller ? $casing : Length::zero();
    }
}
