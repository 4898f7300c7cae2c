<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** What covers the studs, how thick, and of plank its wood where that is said. */
final readonly class Lining
{
    public function __construct(public LiningKind $kind, public Length $thickness, public string $wood = '') {}
}
