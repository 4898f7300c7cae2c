<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** What covers the studs, and how thick. */
final readonly class Lining
{
    public function __construct(
        public LiningKind $kind,
        public Length $thickness,
    ) {}
}
