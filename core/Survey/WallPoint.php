<?php

declare(strict_types=1);

namespace YokeLine\Survey;

use YokeLine\Measure\Length;

/** A place on the wall, and how sure it is. */
final readonly class WallPoint
{
    public function __construct(public Length $x, public Length $y, public Length $plusMinus) {}
}
