<?php

namespace YokeLine\Planning;

use YokeLine\Doorway\HeaderAlign;
use YokeLine\Doorway\HeaderBrief;
use YokeLine\Doorway\RailKit;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;

/** The board between wall and rail. */
final readonly class Header
{
    private function __construct(public Span $span, public Sum $foot, public Sum $top, public Length $thickness) {}

    public static function of(Room $room, Rail $rail, Heights $heights, HeaderBrief $brief, RailKit $kit): self
    {
        $foot = Sum::of('Foot of the header');
        $foot = match ($brief->align) {
            HeaderAlign::Centred => $foot->plus('yoke line', $heights->yokeLine)->minus('half the board', $brief->width->half()),
            HeaderAlign::RailLow => $foot->plus('yoke line', $heights->yokeLine)->minus('half the rail', $kit->height->half())->minus('reveal', $brief->reveal),
            HeaderAlign::OnCasing => $foot->plus('top of the head casing', $heights->casingTop),
        };

        return new self(
            $rail->span->widened($brief->overrun)->cutTo($room->wall),
            $foot,
            Sum::of('Top of the header')->plus('foot of the header', $foot)->plus('board', $brief->width),
            $brief->thickness,
        );
    }
}
