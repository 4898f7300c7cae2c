<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Measure\Pounds;
use YokeLine\Measure\Unit;

/** What something is sold by. What pours, weighs or is long has one for each unit. */
enum SoldBy: string
{
    case Piece = '';
    case Litre = 'l';
    case Quart = 'qt';
    case Kilogram = 'kg';
    case Pound = 'lb';
    case Metre = 'm';
    case Foot = 'ft';
    case BoardFoot = 'bf';
    case Roll = 'roll';
    case Sheet = 'sheet';
    case Can = 'can';

    /** The same where it is sold in that unit: what a litre is to one is a quart to the other. */
    public function in(Unit $units): self
    {
        $isInch = $units === Unit::Inch;

        return match ($this) {
            self::Litre, self::Quart => $isInch ? self::Quart : self::Litre,
            self::Kilogram, self::Pound => $isInch ? self::Pound : self::Kilogram,
            self::Metre, self::Foot => $isInch ? self::Foot : self::Metre,
            default => $this,
        };
    }

    /** How many litres, kilograms or metres one of it is; 1 of what is counted. */
    public function metric(): float
    {
        return match ($this) {
            self::Quart => Pounds::LITRES_A_QUART,
            self::Pound => Pounds::KG,
            self::Foot => 0.3048,
            default => 1.0,
        };
    }

    /** Whether a bar of it costs by how long it is. */
    public function isByLength(): bool
    {
        return in_array($this, [self::Metre, self::Foot, self::BoardFoot], true);
    }
}
