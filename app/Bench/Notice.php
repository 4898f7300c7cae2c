<?php

declare(strict_types=1);

namespace App\Bench;

/** Something that happened meanwhile, said beside the verdict. */
final readonly class Notice
{
    /** @param  array<string, mixed>  $putBack changes that put the other's values back; [] where there is nothing to put back */
    public function __construct(public string $says, public array $putBack = []) {}
}
