<?php

declare(strict_types=1);

namespace YokeLine\Measure;

enum Unit: string
{
    case Millimetre = 'mm';
    case Inch = 'in';

    /** What a made-to-order size is rounded up to, and what an arrow key nudges by. */
    public function step(): Length
    {
        return match ($this) {
            self::Millimetre => Length::mm(1),
            self::Inch => Length::sixteenths(1),
        };
    }

    /** Of two numbers the one that is usual here. */
    public function usual(Length $mm, Length $inches): Length
    {
        return $this === self::Inch ? $inches : $mm;
    }

    public function other(): self
    {
        return $this === self::Inch ? self::Millimetre : self::Inch;
    }
}
