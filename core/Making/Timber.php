<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Doorway\Made\Sawn;
use YokeLine\Doorway\Made\Setting;

/**
 * What a part is made of: kg/m³ at 12 % of moisture, and how much wood moves across the grain for 1 % of moisture,
 * radially and tangentially, in 1/100 000 of its width (given for 6 to 14 %, used to 16).
 *
 * Spruce, Scots pine and larch: differential values of DIN 68100; the others: coefficients of the Wood Handbook (FPL),
 * chapter 13. Softwood and hardwood, where no more is known, move as spruce and red oak.
 */
final readonly class Timber
{
    /** Of a hollow leaf, whatever its thickness. */
    public const HOLLOW_KG_PER_M2 = 10.0;

    /** Of glass, by its thickness. */
    public const GLASS_KG_PER_M2_MM = 2.5;

    private const SPECIES = [
        'spruce' => [450, 190, 390],
        'scots-pine' => [510, 190, 360],
        'larch' => [590, 140, 300],
        'white-pine' => [390, 71, 212],
        'southern-pine' => [570, 165, 259],
        'douglas-fir' => [540, 165, 267],
        'western-cedar' => [360, 111, 234],
        'poplar' => [470, 158, 289],
        'red-oak' => [710, 158, 369],
        'white-oak' => [760, 180, 365],
        'walnut' => [620, 190, 274],
        'ash' => [670, 169, 274],
        'softwood' => [480, 190, 390],
        'hardwood' => [700, 158, 369],
    ];

    private const SHEETS = ['plywood' => 600, 'mdf' => 750, 'chipboard' => 680];

    /** Moisture of wood, %, at the driest, at the wettest and as boards rest there: equilibrium at 20 °C. */
    private const SETTINGS = [
        'heated' => [6, 11, 9],
        'seldom' => [9, 14, 12],
        'damp' => [8, 16, 12],
    ];

    private function __construct(public string $name, public int $density, private int $radial, private int $flat) {}

    /** A species or a kind of sheet; what nobody knows is softwood. */
    public static function of(string $name): self
    {
        return isset(self::SHEETS[$name])
            ? new self($name, self::SHEETS[$name], 0, 0)
            : new self($name, ...self::SPECIES[$name] ?? self::SPECIES['softwood']);
    }

    /** @return list<string> */
    public static function species(): array
    {
        return array_keys(self::SPECIES);
    }

    /** @return list<string> */
    public static function sheets(): array
    {
        return array_keys(self::SHEETS);
    }

    /** In 1/100 000 of a board's width for 1 % of moisture. */
    public function moves(Sawn $sawn): int
    {
        return $sawn === Sawn::Quarter ? $this->radial : $this->flat;
    }

    /** @return array{int, int, int} %: at the driest, at the wettest, as boards rest there */
    public static function moisture(Setting $setting): array
    {
        return self::SETTINGS[$setting->value];
    }
}
