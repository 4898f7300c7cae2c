<?php

declare(strict_types=1);

namespace YokeLine\Measure;

/** Pounds, square feet and the like in what the core reckons with: exact, by definition of inch and pound. */
final class Pounds
{
    public const KG = 0.45359237;

    public const N = 4.4482216152605;

    public const M2_A_SQUARE_FOOT = 0.09290304;

    public const MPA_A_PSI = 0.006894757293168;

    public const NM_A_POUND_FOOT = self::N * 0.3048;

    public const LITRES_A_QUART = 0.946352946;
}
