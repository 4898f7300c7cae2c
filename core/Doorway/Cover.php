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

    /** Past each jamb where nothing is said, if it is not what is usual: the trade's rules page 2, in inches page 7. */
    public function ownOverlap(Unit $unit): ?Length
    {
        return $this === self::JustEnough ? ($unit === Unit::Inch ? Length::sixteenths(10) : Length::mm(15)) : null;
    }

    public function coversCasing(): bool
    {
        return $this === self::Casing;
    }
}
