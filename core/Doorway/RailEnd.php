<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** How a piece of a rail meets the next one. */
enum RailEnd: string
{
    case Plain = 'plain';
    case Male = 'male';
    case Female = 'female';
    case Plate = 'plate';

    /** Whether this right end takes that left end. */
    public function meets(self $left): bool
    {
        return match ($this) {
            self::Male => $left === self::Female,
            self::Female => $left === self::Male,
            self::Plain => false,
            self::Plate => $left === self::Plate,
        };
    }
}
