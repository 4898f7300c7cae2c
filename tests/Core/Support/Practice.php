<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use YokeLine\Measure\Unit;
use YokeLine\Practice\Level;
use YokeLine\Practice\PracticeWall;

/** Walls to practise on. */
final class Practice
{
    public static function wall(
        Level $level = Level::Floor,
        int $seed = 7,
        Unit $unit = Unit::Millimetre,
    ): PracticeWall {
        return PracticeWall::of($level, $seed, $unit, Doorways::kits());
    }
}
