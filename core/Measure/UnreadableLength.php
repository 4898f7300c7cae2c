<?php

declare(strict_types=1);

namespace YokeLine\Measure;

use InvalidArgumentException;

/** What was written is not a length; the message says what was wrong with it, as one sentence. */
final class UnreadableLength extends InvalidArgumentException
{
    public static function nothingWritten(): self
    {
        return new self('Nothing is written here; a length such as 2065, 6\' 9 1/2" or 206.5 cm is wanted.');
    }

    public static function notALength(string $written): self
    {
        return new self("“{$written}” does not read as a length; write it like 2065, 206.5 cm, 79 3/16\" or 6' 7\".");
    }

    public static function zeroDenominator(string $written): self
    {
        return new self("“{$written}” divides by nought; the lower number of a fraction must be 1 or more.");
    }

    public static function ambiguousComma(string $written): self
    {
        return new self("“{$written}” could be read two ways; write it without the comma.");
    }

    public static function tooManyDigits(string $written): self
    {
        return new self("“{$written}” has more digits than a tape can tell.");
    }

    public static function tooLong(string $written): self
    {
        return new self("“{$written}” is over 50 metres; is the unit right?");
    }

    public static function twiceAt(string $place): self
    {
        return new self("A reading at {$place} stands in the table already; which of them is it?");
    }

    /** @param  list<string>  $known */
    public static function noSuchPlace(string $place, array $known): self
    {
        return new self("“{$place}” is no place of a survey; known are ".implode(', ', $known).'.');
    }

    public static function notANumber(): self
    {
        return new self('A length is a number or text such as "79 3/16".');
    }
}
