<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use RuntimeException;

/** The brief asks for a kit that is not on the shelf, or for none. */
final class CannotPlan extends RuntimeException
{
    /** @param  string  $kit  its id, '' where none is chosen */
    public function __construct(public readonly string $kit)
    {
        parent::__construct("kit {$kit} is not on the shelf");
    }
}
