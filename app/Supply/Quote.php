<?php

declare(strict_types=1);

namespace App\Supply;

/** What a supplier says of one thing: how many are there, what one costs, how many working days it takes. */
final readonly class Quote
{
    public function __construct(public int $inStock, public int $cents, public int $days) {}

    public function isBackOrder(): bool
    {
        return $this->inStock === 0;
    }
}
