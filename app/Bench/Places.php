<?php

declare(strict_types=1);

namespace App\Bench;

use YokeLine\Format\Document;

/** Says a place of the document, and a change to it, in words. */
final class Places
{
    /** @param  ?Document  $document  in which items are counted */
    public static function say(string $place, ?Document $document = null): string
    {
        $short = (string) preg_replace('/^(survey|brief)\.(rules\.)?/', '', $document?->counted($place) ?? $place);
        $counted = (string) preg_replace_callback('/\[(\d+)\]/', fn (array $found) => ' '.((int) $found[1] + 1), $short);

        return strtr((string) preg_replace('/\[#[^\]]+\]/', '', $counted), ['.' => ' ', '_' => ' ']);
    }

    public static function value(mixed $value): string
    {
        return match (true) {
            $value === null => 'nothing',
            is_scalar($value) => is_bool($value) ? ($value ? 'yes' : 'no') : (string) $value,
            is_array($value) && array_is_list($value) => count($value).' of them',
            default => 'something else',
        };
    }

    /** @param  array<string, mixed>  $changes */
    public static function summary(array $changes, ?Document $document = null): string
    {
        return implode('; ', array_map(fn (int|string $place, mixed $value) => self::say((string) $place, $document).($value === null ? ' taken out' : ': '.(is_array($value) ? implode(', ', array_filter($value, is_scalar(...))) : self::value($value))), array_keys($changes), $changes));
    }
}
