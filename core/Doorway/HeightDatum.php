<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** Where on the rail a kit's sheet states its height over the leaf's top to. */
enum HeightDatum: string
{
    case Hole = 'hole';
    case RailTop = 'rail-top';
    case RailFoot = 'rail-foot';
    case WheelTop = 'wheel-top';

    /**
     * From the leaf's top up to the centre of the rail's holes, which is half of the rail's height under its top and
     * over its foot.
     *
     * @param  Length  $value  as the sheet states it
     * @param  Length  $above  how far the wheel's top stands over the rail
     */
    public function toRise(Length $value, Length $railHeight, Length $above): Length
    {
        return match ($this) {
            self::Hole => $value,
            self::RailTop => $value->minus($railHeight->half()),
            self::RailFoot => $value->plus($railHeight->half()),
            self::WheelTop => $value->minus($railHeight->half(), $above),
        };
    }
}
