<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use RuntimeException;

/** Too little is known for a plan. */
final class NotYetMeasured extends RuntimeException
{
    /** @param  list<string>  $missing  the places to measure, in the order one would */
    public function __construct(public readonly array $missing)
    {
        parent::__construct(implode(' ', $missing));
    }
}
