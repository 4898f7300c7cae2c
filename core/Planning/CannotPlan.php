<?php

namespace YokeLine\Planning;

use RuntimeException;
use YokeLine\Doorway\Hang;

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

    public static function hangNotPlanned(Hang $hang): self
    {
        return new self('brief.hang', "A {$hang->value} doorway cannot be planned by this version; single leaves can.");
    }
}
