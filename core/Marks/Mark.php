<?php

namespace YokeLine\Marks;

use YokeLine\Measure\Length;

/** One pencil mark: what it is for and where it is on its tape. */
final readonly class Mark
{
    public function __construct(public string $id, public string $name, public Length $at) {}
}
