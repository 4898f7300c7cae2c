<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use RuntimeException;

/** The brief asks for something that there is nothing to plan from. */
final class CannotPlan extends RuntimeException
{
    private function __construct(public readonly string $where, string $says)
    {
        parent::__construct($says);
    }

    public static function unknownKit(string $id): self
    {
        return new self('brief.kit', $id === '' ? 'No kit is chosen yet.' : "There is no kit “{$id}” on the shelf.");
    }
}
