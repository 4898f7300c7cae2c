<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What the rail is made of. */
enum RailMaterial: string
{
    case Steel = 'steel';
    case Stainless = 'stainless';
    case Aluminium = 'aluminium';

    /** Modulus of elasticity, N/mm². */
    public function modulus(): float
    {
        return match ($this) {
            self::Steel => 200_000.0,
            self::Stainless => 193_000.0,
            self::Aluminium => 69_000.0,
        };
    }
}
