<?php

declare(strict_types=1);

namespace App\Bench;

use YokeLine\Format\Document;
use YokeLine\Measure\Pounds;
use YokeLine\Measure\Unit;

/**
 * An amount that a document tells in one of two units, at a place for each. A page has one field for it, in the unit of
 * whoever looks; what was told in the other is kept as it was told, shown converted, and itself beside that.
 */
final class EitherUnit
{
    /** By the end of its place: its name, the end of the other, how many of it one of the other is, decimals. */
    private const UNITS = [
        'kg' => ['kg', 'lb', Pounds::KG, 1],
        'lb' => ['lb', 'kg', 1 / Pounds::KG, 0],
        'm2' => ['m²', 'sqft', Pounds::M2_A_SQUARE_FOOT, 2],
        'sqft' => ['sq ft', 'm2', 1 / Pounds::M2_A_SQUARE_FOOT, 1],
        'N' => ['N', 'lbf', Pounds::N, 0],
        'lbf' => ['lbf', 'N', 1 / Pounds::N, 0],
    ];

    /**
     * @param  string  $place  without its unit: `brief.leaf.mass`
     * @param  'kg'|'m2'|'N'  $metric
     */
    public static function place(Unit $shown, string $place, string $metric): string
    {
        return "{$place}_".($shown === Unit::Inch ? self::UNITS[$metric][1] : $metric);
    }

    /**
     * @param  'kg'|'m2'|'N'  $metric
     * @param  ?float  $worked  what it is where nothing is told, in the metric unit
     */
    public static function field(
        Unit $shown,
        string $place,
        string $metric,
        ?float $worked = null,
        bool $isShort = false,
    ): Field {
        $place = self::place($shown, $place, $metric);
        $unit = self::unitOf($place);

        return Field::of(
            $place,
            grey: $worked === null || $unit === null
                ? null
                : self::rounded($unit === $metric ? $worked : $worked * self::UNITS[$unit][2], $unit),
            isShort: $isShort,
        );
    }

    /** What is told at a place; with its unit what is told at its other one: `20 kg`. */
    public static function kept(Document $document, string $place): mixed
    {
        $kept = $document->get($place);
        $unit = self::unitOf($place);
        if ($kept !== null || $unit === null) {
            return $kept;
        }
        $told = $document->get(self::otherPlace($place, $unit));

        return is_scalar($told) ? "{$told} ".self::UNITS[self::UNITS[$unit][1]][0] : null;
    }

    /**
     * What is kept for what was typed: at its place, or at the other one where it was typed in that unit; never at
     * both.
     *
     * @return array<string, mixed>
     */
    public static function changes(Document $document, string $place, mixed $typed): array
    {
        $unit = self::unitOf($place);
        if ($unit === null) {
            return [$place => $typed];
        }
        $other = self::otherPlace($place, $unit);
        [$number, $in] = is_string($typed) ? self::parted($typed) : [$typed, null];

        [$at, $left, $kept] = match ($in) {
            self::UNITS[$unit][1] => [$other, $place, $number],
            null, $unit => [$place, $other, $number],
            default => [$place, $other, $typed],
        };

        return [...$document->get($left) === null ? [] : [$left => null], $at => $kept];
    }

    /** As a field at that place shows what is kept; '' where that has no unit of its own. */
    public static function converted(string $place, string $kept): string
    {
        [$number, $in] = self::parted($kept);
        $unit = self::unitOf($place);

        return $unit === null || $in === null || ! is_numeric($number)
            ? ''
            : self::rounded((float) $number * self::UNITS[$unit][2], $unit);
    }

    /** @return array{string, ?string} the number, and the end of the place of its unit; null where none is named */
    private static function parted(string $typed): array
    {
        if (preg_match('/^([\d.,]+)\s*(\D.*)$/u', trim($typed), $found) !== 1) {
            return [$typed, null];
        }
        $ends = ['m²' => 'm2', 'sq ft' => 'sqft', 'n' => 'N', 'lbs' => 'lb'];
        $said = mb_strtolower($found[2]);
        $end = $ends[$said] ?? $said;

        return isset(self::UNITS[$end]) ? [strtr($found[1], ',', '.'), $end] : [$typed, null];
    }

    /** @return 'kg'|'lb'|'m2'|'sqft'|'N'|'lbf'|null */
    private static function unitOf(string $place): ?string
    {
        $end = substr((string) strrchr($place, '_'), 1);

        return isset(self::UNITS[$end]) ? $end : null;
    }

    /** @param  'kg'|'lb'|'m2'|'sqft'|'N'|'lbf'  $unit */
    private static function otherPlace(string $place, string $unit): string
    {
        return substr($place, 0, -strlen($unit)).self::UNITS[$unit][1];
    }

    /** @param  'kg'|'lb'|'m2'|'sqft'|'N'|'lbf'  $unit */
    private static function rounded(float $amount, string $unit): string
    {
        return (string) round($amount, self::UNITS[$unit][3]);
    }
}
