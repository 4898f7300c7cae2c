<?php

declare(strict_types=1);

namespace App\Supply;

/** One thing that came. */
final readonly class Delivery
{
    /** @param  string  $number  the supplier's, of its own for each */
    public function __construct(public string $number, public string $key, public float $count) {}
}
