<?php

declare(strict_types=1);

namespace App;

use Illuminate\Support\Carbon;

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

    /** The beginning of a day as a form sends it, `2027-01-11`; null where it is none. */
    public static function day(mixed $value): ?Carbon
    {
        return is_string($value) && preg_match('/^(\d{4})-(\d\d)-(\d\d)$/', $value, $day) === 1
            && checkdate((int) $day[2], (int) $day[3], (int) $day[1])
            ? Carbon::parse($value)
            : null;
    }
}
