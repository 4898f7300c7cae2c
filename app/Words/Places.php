<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Support\Facades\Lang;
use stdClass;
use YokeLine\Format\Document;

/** Places of a document, and changes to them, in words. */
final class Places
{
    /** @param  ?Document  $document  in which items are counted */
    public static function name(string $place, ?Document $document = null): string
    {
        $counted = $document?->counted($place) ?? $place;

        return FieldWords::label($counted, preg_match('/\[(\d+)\]/', $counted, $found) === 1 ? (int) $found[1] + 1 : 0);
    }

    public static function value(mixed $value): string
    {
        return match (true) {
            $value === null => self::say('nothing'),
            is_bool($value) => self::say($value ? 'yes' : 'no'),
            is_scalar($value) => (string) $value,
            is_array($value) && array_is_list($value) => array_filter($value, is_scalar(...)) === $value
                ? implode(', ', $value)
                : self::say('many', ['count' => count($value)]),
            $value instanceof stdClass && is_string($value->name ?? ($value->kind ?? null)) => (string) ($value->name ??
                $value->kind),
            default => self::say('something'),
        };
    }

    /** @param  array<string, mixed>  $changes */
    public static function summary(array $changes, ?Document $document = null): string
    {
        return implode(
            '; ',
            array_map(
                fn (int|string $place, mixed $value) => self::say($value === null ? 'taken-out' : 'set', [
                    'what' => self::name((string) $place, $document),
                    'to' => self::value($value),
                ]),
                array_keys($changes),
                $changes,
            ),
        );
    }

    /** @param  array<string, string|int>  $with */
    private static function say(string $key, array $with = []): string
    {
        $words = Lang::get("changes.{$key}", $with);

        return is_string($words) ? $words : $key;
    }
}
