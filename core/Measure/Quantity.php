<?php

declare(strict_types=1);

namespace YokeLine\Measure;

/** What is reckoned and never marked on a wall: a mass, a force, a share. */
final readonly class Quantity
{
    private function __construct(public float $value, public Dimension $of) {}

    public static function of(float $value, Dimension $of): self
    {
        return new self($value, $of);
    }

    public static function kilograms(float $kg): self
    {
        return new self($kg, Dimension::Mass);
    }

    public static function newtons(float $force): self
    {
        return new self($force, Dimension::Force);
    }

    public static function newtonMetres(float $moment): self
    {
        return new self($moment, Dimension::Moment);
    }

    public static function megapascals(float $pressure): self
    {
        return new self($pressure, Dimension::Pressure);
    }

    public static function squareMetres(float $area): self
    {
        return new self($area, Dimension::Area);
    }

    public static function share(float $share): self
    {
        return new self($share, Dimension::Share);
    }

    /** Off level, in mm per m. */
    public static function slope(float $mmPerMetre): self
    {
        return new self($mmPerMetre, Dimension::Slope);
    }

    /** Of a rail or a beam, in mm: under what a tape shows. */
    public static function bend(float $mm): self
    {
        return new self($mm, Dimension::Bend);
    }
}
