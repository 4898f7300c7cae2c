<?php

declare(strict_types=1);

namespace App;

/** What comes from outside as whatever it likes, a session, a command, a database, as the one thing that is wanted. */
final class Plain
{
    /** '' where it is no text. */
    public static function text(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }

    /** 0 where it is no number. */
    public static function number(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }
}
