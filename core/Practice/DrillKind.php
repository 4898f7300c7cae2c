<?php

declare(strict_types=1);

namespace YokeLine\Practice;

/** What a drill asks: one small sum, or one look at a tape. */
enum DrillKind: string
{
    case Read = 'read';
    case Plus = 'plus';
    case Minus = 'minus';
    case Half = 'half';
    case Middle = 'middle';
    case Line = 'line';

    public function skill(): Skill
    {
        return match ($this) {
            self::Read => Skill::Tape,
            self::Line => Skill::Height,
            default => Skill::Fractions,
        };
    }
}
