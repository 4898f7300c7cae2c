<?php

declare(strict_types=1);

namespace App\Shop;

use YokeLine\Stock\Material;
use YokeLine\Stock\SoldBy;

/** What one of something costs: a piece, or what it is sold by. */
final readonly class Rate
{
    public function __construct(public int $cents, public SoldBy $per) {}

    /** As it is typed: 12.50 of a piece, 1.25/ft, 4.80/bf, 12.99/qt; null where it is none. */
    public static function read(string $typed): ?self
    {
        [$money, $of] = [...array_map(trim(...), explode('/', $typed, 2)), ''];
        [$cents, $per] = [Prices::read($money), SoldBy::tryFrom(strtolower($of))];

        return $cents === null || $per === null ? null : new self($cents, $per);
    }

    public function plain(): string
    {
        return Prices::plain($this->cents).($this->per === SoldBy::Piece ? '' : "/{$this->per->value}");
    }

    /** Cents for so much of it; null where it is not sold so. */
    public function for(Material $material, float $count): ?int
    {
        $amount = $material->amountBy($this->per);

        return $amount === null ? null : (int) round($this->cents * $amount * $count);
    }

    /** What of it is typed in a list where the unit stands beside it, or needs none. */
    public function typed(Material $material): string
    {
        return count($material->ways()) > 1 || $material->amountBy($this->per) === 1.0
            ? Prices::plain($this->cents)
            : $this->plain();
    }
}
