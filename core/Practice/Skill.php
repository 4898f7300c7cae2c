<?php

declare(strict_types=1);

namespace YokeLine\Practice;

/** What one learns on a practice wall, and is marked for. */
enum Skill: string
{
    case Tape = 'tape';
    case Fractions = 'fractions';
    case Height = 'height';
    case Floor = 'floor';
    case Overlap = 'overlap';
    case Stops = 'stops';
    case Studs = 'studs';
    case Loads = 'loads';
    case Order = 'order';
}
