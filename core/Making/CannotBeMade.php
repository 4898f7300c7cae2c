<?php

declare(strict_types=1);

namespace YokeLine\Making;

use RuntimeException;

/** A leaf of that size cannot be built so: nothing would be left between its parts. */
final class CannotBeMade extends RuntimeException
{
    /** @param  string  $where  below `brief.leaf.made` */
    public function __construct(public readonly string $where)
    {
        parent::__construct($where);
    }
}
