<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Catalog\MaterialKind;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;

/**
 * By what a material is one and the same on every list, price list and order, in whichever units it is read: its kind
 * and exact sizes.
 */
final readonly class MaterialId
{
    /** As prices and orders keep it: `board 140x19x2400`, sizes in millimetres to the last digit. */
    public string $key;

    /**
     * @param  array<string, Length>  $sizes  by what they measure
     * @param  string  $of  which of its kind, where sizes do not tell: the kit, the make
     */
    private function __construct(public MaterialKind $kind, public array $sizes, public string $of)
    {
        $exact = new LengthWriter(Unit::Millimetre);
        $this->key = implode(
            ' ',
            array_filter(
                [$kind->value, $of, implode('x', array_map($exact->exact(...), $sizes))],
                fn (string $part) => $part !== '',
            ),
        );
    }

    /** @param  Length  ...$sizes  each under the name of what it measures */
    public static function of(MaterialKind $kind, Length ...$sizes): self
    {
        return new self($kind, self::called($sizes), '');
    }

    /** @param  Length  ...$sizes  each under the name of what it measures */
    public static function named(MaterialKind $kind, string $of, Length ...$sizes): self
    {
        return new self($kind, self::called($sizes), mb_strtolower(trim($of)));
    }

    /** What bars of every length have in common. */
    public function ofEveryLength(): self
    {
        return new self($this->kind, array_diff_key($this->sizes, ['length' => 0]), $this->of);
    }

    /**
     * @param  array<int|string, Length>  $sizes
     * @return array<string, Length>
     */
    private static function called(array $sizes): array
    {
        return array_combine(array_map(strval(...), array_keys($sizes)), $sizes);
    }
}
