<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** A moulding where wall and ceiling meet. */
final readonly class Crown
{
    public function __construct(public Length $drop, public Length $projection) {}
}
