<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Measure\Length;

/** What a tape reading may be off by: every check allows it, no number is bent by it. */
final class Tolerance
{
    public static function tape(): Length
    {
        return Length::mm(1);
    }
}
