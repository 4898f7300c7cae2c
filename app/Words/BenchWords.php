<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Support\Facades\Lang;

/** What groups of fields, their rows, notes and offers are called. */
final class BenchWords
{
    public static function title(string $group): string
    {
        return self::say("groups.{$group}");
    }

    public static function note(string $group): string
    {
        return Lang::has("bench.notes.{$group}") ? self::say("notes.{$group}") : '';
    }

    public static function row(string $key): string
    {
        return self::say("rows.{$key}");
    }

    public static function link(string $key): string
    {
        return self::say("links.{$key}");
    }

    /** @param  array<string, string|int>  $with */
    public static function say(string $key, array $with = []): string
    {
        $words = Lang::get("bench.{$key}", $with);

        return is_string($words) ? $words : $key;
    }
}
