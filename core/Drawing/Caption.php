<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Measure\Message;

/**
 * What stands written in a drawing, or is told of it to whoever cannot see it.
 *
 * @phpstan-import-type Value from Message
 */
final class Caption
{
    /** @param  array<string, Value>  $with */
    public static function of(string $code, array $with = []): Message
    {
        return new Message('drawing', $with, $code);
    }
}
