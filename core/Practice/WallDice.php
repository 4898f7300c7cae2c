<?php

declare(strict_types=1);

namespace YokeLine\Practice;

use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\SeededRandom;
use YokeLine\Measure\Unit;

/** Sizes by chance, on the grid of a tape in the wall's own unit. */
final readonly class WallDice
{
    private LengthWriter $write;

    public function __construct(public Unit $unit, public SeededRandom $chance)
    {
        $this->write = new LengthWriter($unit);
    }

    /** Between two sizes in millimetres. */
    public function between(int $low, int $high): Length
    {
        return $this->onTape($this->chance->between($low, $high + 1));
    }

    /** So many millimetres more or less at most. */
    public function off(int $most): Length
    {
        return $this->onTape($this->chance->between(-$most - 0.5, $most + 0.5));
    }

    public function mm(float $mm): Length
    {
        return $this->onTape($mm);
    }

    public function say(Length $length): string
    {
        return $this->write->exact($length);
    }

    /** The finest that a tape shows. */
    public function step(): Length
    {
        return $this->unit->step();
    }

    private function onTape(float $mm): Length
    {
        return Length::nm((int) round($mm * 1e6))->roundedTo($this->step());
    }
}
