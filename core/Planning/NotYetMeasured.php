<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use RuntimeException;

/** Too little is known for a plan; says what is missing, place by place. */
final class NotYetMeasured extends RuntimeException
{
    /** @param  array<string, string>  $missing place => what to measure there */
    public function __construct(public readonly array $missing)
    {
        parent::__construct('Not enough is measured yet: '.implode('; ', $missing).'.');
    }
}
