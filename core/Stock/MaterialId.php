<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;

/** By what a material is one and the same on every list, price list and order, in whichever units it is read: its kind and exact sizes. */
final readonly class MaterialId
{
    /** As prices and orders keep it: `board 140x19x2400`, sizes in millimetres to the last digit. */
    public string $key;

    /**
     * @param  list<Length>  $sizes
     * @param  string  $of  which of its kind, where sizes do not tell: the kit, the make
     */
    private function __construct(public MaterialKind $kind, public array $sizes, public string $of)
    {
        $exact = new LengthWriter(Unit::Millimetre);
        $this->key = implode(' ', array_filter([$kind->value, $of, implode('x', array_map($exact->exact(...), $sizes))], fn (string $part) => $part !== ''));
    }

    public static function of(MaterialKind $kind, Length ...$sizes): self
    {
        return new self($kind, array_values($sizes), '');
    }

    public static function named(MaterialKind $kind, string $of, Length ...$sizes): self
    {
        return new self($kind, array_values($sizes), mb_strtolower(trim($of)));
    }
}
