<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Measure\Length;

/** The square washer put under a standoff that would press into soft lining or wood. */
final class Washer
{
    public static function width(): Length
    {
        return Length::mm(40);
    }

    public static function thickness(): Length
    {
        return Length::mm(3);
    }

    /** Behind a board, under the nut of a bolt that goes through it. */
    public static function behindBoard(): Length
    {
        return Length::mm(30);
    }
}
