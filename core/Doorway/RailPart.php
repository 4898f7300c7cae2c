<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** One of the numbered pieces that a rail is sold in. */
final readonly class RailPart
{
    public function __construct(public Length $length, public RailEnd $left, public RailEnd $right) {}
}
