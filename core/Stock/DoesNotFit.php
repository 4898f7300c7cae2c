<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use RuntimeException;

final class DoesNotFit extends RuntimeException
{
    public static function longerThanAnyBar(string $for): self
    {
        return new self("{$for} is longer than any bar that can be bought gives; joint it, or have it made.");
    }
}
