<?php

declare(strict_types=1);

namespace YokeLine\Practice;

/** What is asked of a learner at a practice wall, in the order of the work. */
enum Ask: string
{
    case Measured = 'measured';
    case Studs = 'studs';
    case Backing = 'backing';
    case LeafWidth = 'leaf-width';
    case LeafHeight = 'leaf-height';
    case InHand = 'in-hand';
    case Gap = 'gap';
    case YokeLine = 'yoke-line';
    case LineHere = 'line-here';
    case HeaderFoot = 'header-foot';
    case Load = 'load';
    case ShutEdge = 'shut-edge';
    case StopShut = 'stop-shut';
    case StopOpen = 'stop-open';
    case Guide = 'guide';
    case First = 'first';

    public function skill(): Skill
    {
        return match ($this) {
            self::Measured, self::ShutEdge => Skill::Tape,
            self::Studs, self::Backing => Skill::Studs,
            self::LeafWidth, self::InHand => Skill::Overlap,
            self::LeafHeight, self::YokeLine, self::HeaderFoot => Skill::Height,
            self::Gap, self::LineHere => Skill::Floor,
            self::Load => Skill::Loads,
            self::StopShut, self::StopOpen, self::Guide => Skill::Stops,
            self::First => Skill::Order,
        };
    }

    /** @return list<self> what is typed or chosen, once the wall is measured */
    public static function toAnswer(): array
    {
        return array_values(array_filter(self::cases(), fn (self $ask) => $ask !== self::Measured));
    }

    /** Whether it is a place along the wall, from its left corner. */
    public function isAlong(): bool
    {
        return in_array($this, [self::Studs, self::ShutEdge, self::StopShut, self::StopOpen, self::Guide], true);
    }

    public function isHeight(): bool
    {
        return in_array($this, [self::YokeLine, self::LineHere, self::HeaderFoot], true);
    }

    public function isChoice(): bool
    {
        return in_array($this, [self::Backing, self::InHand, self::First], true);
    }

    /** Whether more than one answer may serve: it is judged by what comes of it. */
    public function isDecision(): bool
    {
        return in_array($this, [self::Backing, self::LeafWidth, self::LeafHeight, self::Gap], true);
    }
}
