<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Measure\Length;

/** One pencil mark: what it is for, where it is on its tape, and which sum of the plan it is. */
final readonly class Mark
{
    public function __construct(public string $id, public string $name, public Length $at, public string $sum) {}
}
