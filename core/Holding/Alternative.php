<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Doorway\Backing;

/** One thing that could carry the rail. */
final readonly class Alternative
{
    /** @param  ?Backing  $backing  what the brief would say, null where it has no word for it */
    public function __construct(
        public ?Backing $backing,
        public string $says,
        public bool $holds,
        public string $costs,
    ) {}
}
