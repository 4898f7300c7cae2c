<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Doorway\HeaderAlign;
use YokeLine\Doorway\HeaderBrief;
use YokeLine\Doorway\HeaderReach;
use YokeLine\Doorway\RailKit;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;

/** The board between wall and rail. */
final readonly class Header
{
    private function __construct(
        public Span $span,
        public Sum $left,
        public Sum $right,
        public Sum $foot,
        public Sum $top,
        public Length $thickness,
        public Length $buildOut,
    ) {}

    public static function of(
        Room $room,
        Rail $rail,
        Heights $heights,
        HeaderBrief $brief,
        RailKit $kit,
        Grid $grid,
    ): self {
        $half = $grid->nearestUp($brief->width->half());
        $lip = $grid->nearestUp($kit->height->half()->plus($brief->reveal))->minus($kit->height->half());
        $foot = Sum::of('foot-header');
        $foot = match ($brief->align) {
            HeaderAlign::Centred => $foot
                ->plus('yoke-line', $heights->yokeLine)
                ->minus('half-board', $half),
            HeaderAlign::RailLow => $foot
                ->plus('yoke-line', $heights->yokeLine)
                ->minus('half-rail', $kit->height->half())
                ->minus('reveal', $lip),
            HeaderAlign::OnCasing => $foot->plus('top-head-casing', $heights->casingTop),
        };

        $overrun = match ($brief->reach) {
            HeaderReach::Overrun => $grid->nearest($brief->overrun),
            HeaderReach::Rail => Length::zero(),
            HeaderReach::Wall => $room->wall->length(),
        };
        $left = Sum::of('header-left-end')->place('rail-left-end', $rail->left)->minus('overrun', $overrun);
        $right = Sum::of('header-right-end')->place('rail-right-end', $rail->right)->plus('overrun', $overrun);
        $span = $grid->board($left->total, $right->total, $rail, $room->wall);

        return new self(
            $span,
            $left->becomes($span->low, 'ends-with-wall'),
            $right->becomes($span->high, 'ends-with-wall'),
            $foot,
            Sum::of('top-header')->plus('foot-header', $foot)->plus('board', $brief->width),
            $brief->thickness,
            $brief->buildOut,
        );
    }
}
