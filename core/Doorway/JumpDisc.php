<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** The disc that keeps the wheels from lifting off. */
final readonly class JumpDisc
{
    public function __construct(public Length $inset, public Length $diameter, public Length $gap) {}
}
