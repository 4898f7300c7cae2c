<?php

declare(strict_types=1);

namespace YokeLine\Measure;

use InvalidArgumentException;

/** What was written is not a length; why not is to be said. */
final class UnreadableLength extends InvalidArgumentException
{
    private function __construct(public readonly Message $why)
    {
        parent::__construct("{$why->how}: ".json_encode($why->with, JSON_UNESCAPED_UNICODE));
    }

    public static function nothingWritten(): self
    {
        return new self(new Message('refusals', [], 'length-nothing'));
    }

    public static function notALength(string $written): self
    {
        return self::as('length-not', $written);
    }

    public static function zeroDenominator(string $written): self
    {
        return self::as('length-by-nought', $written);
    }

    public static function ambiguousComma(string $written): self
    {
        return self::as('length-two-ways', $written);
    }

    public static function tooManyDigits(string $written): self
    {
        return self::as('length-too-fine', $written);
    }

    public static function tooLong(string $written): self
    {
        return self::as('length-too-long', $written);
    }

    public static function notANumber(): self
    {
        return new self(new Message('refusals', [], 'length-no-number'));
    }

    private static function as(string $how, string $written): self
    {
        return new self(new Message('refusals', ['typed' => $written], $how));
    }
}
