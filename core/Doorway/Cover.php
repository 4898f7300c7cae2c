<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;

/** What the shut leaf must cover. */
enum Cover: string
{
    case Opening = 'opening';
    case Casing = 'casing';
    case JustEnough = 'just-enough';

    /** Past each jamb, where nothing is said: the trade's rules page 2, in inches page 7. */
    public function usualOverlap(Unit $unit): Length
    {
        return match ($this) {
            self::JustEnough => $unit === Unit::Inch ? Length::sixteenths(10) : Length::mm(15),
            default => $unit === Unit::Inch ? Length::sixteenths(32) : Length::mm(50),
        };
    }

    public function coversCasing(): bool
    {
        return $this === self::Casing;
    }
}
