<?php

declare(strict_types=1);

namespace App\Bench;

/** A change that is one tap away: something new to put in, a choice to take. */
final readonly class Offer
{
    /** @param  array<string, mixed>  $changes place => value */
    public function __construct(public string $says, public array $changes) {}
}
