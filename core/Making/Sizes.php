<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Doorway\HouseRules;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;

/** The sizes a leaf is made by: what the house has told of its rules of thumb, else what is usual in the unit. */
final readonly class Sizes
{
    /** @param  array<string, Length>  $told  by the key of `UsualSize` */
    public function __construct(public Unit $unit, private array $told = []) {}

    public static function of(HouseRules $rules, Unit $unit): self
    {
        return new self($unit, $rules->making);
    }

    public function size(UsualSize $size): Length
    {
        return $this->told[$size->value] ?? $size->in($this->unit);
    }
}
