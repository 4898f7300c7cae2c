<?php

declare(strict_types=1);

namespace Tests\Core\Support;

use YokeLine\Measure\Unit;
use YokeLine\Practice\Level;
use YokeLine\Practice\PracticeWall;

/** Walls to practise on, each made up once: it takes as long as all that is asked of it. */
final class Practice
{
    public static function wall(
        Level $level = Level::Floor,
        int $seed = 7,
        Unit $unit = Unit::Millimetre,
    ): PracticeWall {
        /** @var array<string, PracticeWall> $walls */
        static $walls = [];

        return $walls["{$level->value} {$seed} {$unit->value}"] ??= PracticeWall::of(
            $level,
            $seed,
            $unit,
            Doorways::kits(),
        );
    }
}
