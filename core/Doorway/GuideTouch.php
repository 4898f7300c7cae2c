<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;

/** Whether the groove clears the guide’s blade all the way, or touches it at both ends of the travel. */
enum GuideTouch: string
{
    case Clear = 'clear';
    case Touching = 'touching';

    /** Of a groove over the blade, both sides together. */
    public function air(Unit $unit): Length
    {
        return $this === self::Clear
            ? $unit->usual(Length::nm(1_500_000), Length::sixteenths(1))
            : $unit->usual(Length::nm(500_000), Length::sixteenths(1)->half());
    }
}
