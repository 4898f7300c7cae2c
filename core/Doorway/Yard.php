<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;

/** The board sizes that a yard has, by the doorway's unit: a header is one board, or two of them on each other. */
final class Yard
{
    private const THICK_MM = [19, 22, 25, 28, 32, 38, 45, 50];

    private const WIDE_MM = [70, 89, 95, 114, 120, 140, 145, 170, 184, 195, 220, 235, 245, 285, 300];

    /** In 1/32 in: 3/4, 1, 1 1/2. */
    private const THICK_32NDS = [24, 32, 48];

    /** 3 1/2, 5 1/2, 7 1/4, 9 1/4, 11 1/4. */
    private const WIDE_32NDS = [112, 176, 232, 296, 360];

    /** Nominal thickness => true one, and nominal width => true one, in 1/32 in. */
    private const NOMINAL_THICK = ['1' => 24, '5/4' => 32, '2' => 48];

    private const NOMINAL_WIDE = ['4' => 112, '6' => 176, '8' => 232, '10' => 296, '12' => 360];

    /**
     * A board by its name, `2x6` or `5/4x8`.
     *
     * @return ?array{Length, Length} its true thickness and width
     */
    public static function named(string $name): ?array
    {
        [$thick, $wide] = array_pad(explode('x', strtolower(str_replace(' ', '', $name))), 2, '');
        [$thick, $wide] = [self::NOMINAL_THICK[$thick] ?? null, self::NOMINAL_WIDE[$wide] ?? null];
        $true = fn (int $n) => Length::nm(intdiv(Length::NM_PER_INCH * $n, 32));

        return $thick === null || $wide === null ? null : [$true($thick), $true($wide)];
    }

    /** What a board of those true sizes is called, `2x6`; null where it has no name. */
    public static function nameOf(Length $thickness, Length $width): ?string
    {
        foreach (self::names() as $name) {
            [$thick, $wide] = self::named($name) ?? [null, null];
            if ($thick?->equals($thickness) && $wide?->equals($width)) {
                return $name;
            }
        }

        return null;
    }

    /**
     * Nominal thickness x nominal width x feet / 12 (the trade's rules page 7, section 3); null of a board without a
     * name.
     */
    public static function boardFeet(Length $thickness, Length $width, Length $long): ?float
    {
        $name = self::nameOf($thickness, $width);
        if ($name === null) {
            return null;
        }
        [$thick, $wide] = explode('x', $name);
        [$top, $low] = [...array_map(intval(...), explode('/', $thick)), 1];

        return (($top / $low) * (int) $wide * $long->toMm()) / 304.8 / 12;
    }

    /** @return non-empty-list<Length> diameters of bolts that are sold */
    public static function bolts(Unit $unit): array
    {
        return $unit === Unit::Inch
            ? array_map(Length::sixteenths(...), [4, 5, 6, 8])
            : array_map(Length::mm(...), [6, 8, 10, 12]);
    }

    /** @return list<string> */
    public static function names(): array
    {
        $names = [];
        foreach (array_keys(self::NOMINAL_THICK) as $thick) {
            foreach (array_keys(self::NOMINAL_WIDE) as $wide) {
                $names[] = "{$thick}x{$wide}";
            }
        }

        return $names;
    }

    /** The least thickness that is not under it; null where two boards do not make it. */
    public static function thickness(Length $least, Unit $unit): ?Length
    {
        $one = self::sizes($unit, self::THICK_MM, self::THICK_32NDS);
        $two = [];
        foreach ($one as $a) {
            foreach ($one as $b) {
                $two[] = $a->plus($b);
            }
        }

        // One board is tried before two that make a thinner one.
        return self::least($one, $least) ?? self::least($two, $least);
    }

    /** The least width that is not under it; null where no board is so wide. */
    public static function width(Length $least, Unit $unit): ?Length
    {
        return self::least(self::sizes($unit, self::WIDE_MM, self::WIDE_32NDS), $least);
    }

    /** The greatest width that is not over it; null where no board is so narrow. */
    public static function narrower(Length $most, Unit $unit): ?Length
    {
        $fit = array_filter(
            self::sizes($unit, self::WIDE_MM, self::WIDE_32NDS),
            fn (Length $size) => ! $size->isOver($most),
        );

        return $fit === [] ? null : Length::greatest(...array_values($fit));
    }

    /** @return list<Length> single boards that are thicker, the thinnest first */
    public static function thicker(Length $than, Unit $unit): array
    {
        return array_values(
            array_filter(
                self::sizes($unit, self::THICK_MM, self::THICK_32NDS),
                fn (Length $size) => $size->isOver($than),
            ),
        );
    }

    /** @param  list<Length>  $sizes */
    private static function least(array $sizes, Length $least): ?Length
    {
        $fit = array_filter($sizes, fn (Length $size) => ! $size->isUnder($least));

        return $fit === [] ? null : Length::least(...array_values($fit));
    }

    /**
     * @param  list<int>  $mm
     * @param  list<int>  $inches32
     * @return list<Length>
     */
    private static function sizes(Unit $unit, array $mm, array $inches32): array
    {
        return $unit === Unit::Inch
            ? array_map(fn (int $n) => Length::nm(intdiv(Length::NM_PER_INCH * $n, 32)), $inches32)
            : array_map(Length::mm(...), $mm);
    }
}
