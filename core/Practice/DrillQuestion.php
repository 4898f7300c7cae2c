<?php

declare(strict_types=1);

namespace YokeLine\Practice;

use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\SeededRandom;
use YokeLine\Measure\Unit;

/** One question of a drill of two minutes: the same for the same seed and number. */
final readonly class DrillQuestion
{
    public const SECONDS = 120;

    /** More than anybody answers in that time. */
    public const MOST = 40;

    /** @param  array<string, Length>  $with  what it is asked with */
    private function __construct(
        public DrillKind $kind,
        public array $with,
        public Length $answer,
        private Unit $unit,
    ) {}

    /** @param  int  $n  from 0 */
    public static function of(int $seed, int $n, Unit $unit): self
    {
        $dice = new WallDice($unit, new SeededRandom($seed * self::MOST + $n));
        $kind = $dice->chance->one(DrillKind::cases());
        [$a, $b, $c] = [$dice->between(300, 2400), $dice->between(12, 900), $dice->between(15, 60)];

        return match ($kind) {
            DrillKind::Read => new self($kind, ['at' => $a], $a, $unit),
            DrillKind::Plus => new self($kind, ['a' => $a, 'b' => $b], $a->plus($b), $unit),
            DrillKind::Minus => self::minus($a->plus($b), $b, $unit),
            DrillKind::Half => self::half($b, $unit),
            DrillKind::Middle => self::middle($a, $b, $unit),
            DrillKind::Line => self::line($c, $dice->between(1980, 2260), $dice->between(35, 60), $unit),
        };
    }

    private static function line(Length $gap, Length $leaf, Length $rise, Unit $unit): self
    {
        return new self(
            DrillKind::Line,
            ['gap' => $gap, 'leaf' => $leaf, 'rise' => $rise],
            $gap->plus($leaf, $rise),
            $unit,
        );
    }

    private static function minus(Length $a, Length $b, Unit $unit): self
    {
        return new self(DrillKind::Minus, ['a' => $a, 'b' => $b], $a->minus($b), $unit);
    }

    /** Of a number whose half a tape shows. */
    private static function half(Length $b, Unit $unit): self
    {
        $even = $b->roundedTo($unit->step()->times(2));

        return new self(DrillKind::Half, ['a' => $even], $even->half(), $unit);
    }

    private static function middle(Length $a, Length $b, Unit $unit): self
    {
        $between = $b->roundedTo($unit->step()->times(2));

        return new self(
            DrillKind::Middle,
            ['a' => $a, 'b' => $a->plus($between)],
            $a->plus($between->half()),
            $unit,
        );
    }

    public function asks(): Message
    {
        // What is read on a tape is drawn, not told.
        return new Message('practice.drill', $this->kind === DrillKind::Read ? [] : $this->with, $this->kind->value);
    }

    public function isRight(Length $said): bool
    {
        return ! $said->minus($this->answer)->absolute()->isOver($this->unit->step()->half());
    }
}
