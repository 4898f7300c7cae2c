<?php

declare(strict_types=1);

namespace App\Site;

use RuntimeException;
use YokeLine\Measure\Message;

/**
 * An entry from the site that cannot be kept, and why.
 *
 * @phpstan-import-type Value from Message
 */
final class NotTaken extends RuntimeException
{
    private function __construct(public readonly Message $why)
    {
        parent::__construct($why->how);
    }

    /** @param  array<string, Value>  $with */
    public static function because(string $how, array $with = []): self
    {
        return new self(new Message('refusals', $with, $how));
    }
}
