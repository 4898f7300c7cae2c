<?php

declare(strict_types=1);

namespace YokeLine\Practice;

use YokeLine\Measure\Unit;

/** How hard a practice wall is; each has what those before it have not. */
enum Level: string
{
    case Flat = 'flat';
    case Floor = 'floor';
    case Half = 'half';
    case Cable = 'cable';
    case Studs = 'studs';
    case Bypass = 'bypass';
    case Inches = 'inches';
    /** Of a doorway that was hung. */
    case Real = 'real';

    /** @return list<self> those that are made up, the easiest first */
    public static function graded(): array
    {
        return array_slice(self::cases(), 0, -1);
    }

    /** What its wall is measured in, for somebody who looks in a unit. */
    public function unit(Unit $wanted): Unit
    {
        return $this === self::Inches ? Unit::Inch : $wanted;
    }

    public function hasFall(): bool
    {
        return $this !== self::Flat;
    }
}
