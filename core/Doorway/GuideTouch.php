<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** Whether the groove clears the guide’s blade all the way, or touches it at both ends of the travel. */
enum GuideTouch: string
{
    case Clear = 'clear';
    case Touching = 'touching';

    /** Of a groove over the blade, both sides together. */
    public function airNm(): int
    {
        return $this === self::Clear ? 1_500_000 : 500_000;
    }
}
