<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What the kit's box holds: so many of a part, and what it goes into where that is said. */
final readonly class Part
{
    public function __construct(public string $part, public int $count, public string $into) {}
}
