<?php

declare(strict_types=1);

namespace App\Words;

use Illuminate\Support\Facades\Lang;
use YokeLine\Format\Document;
use YokeLine\Tolerance\Clearance;

/** What clearances are called, and the measures that they hang on. */
final class ClearanceWords
{
    /** `cover-left`, `guide-jamb[1]`, `floor-gap@1770`, `left-wall-end` of the left leaf of a pair. */
    public static function row(string $row): string
    {
        foreach (['left', 'right'] as $leaf) {
            if (str_starts_with($row, "{$leaf}-")) {
                return self::say('of', [
                    'leaf' => self::say("leaf.{$leaf}"),
                    'what' => self::row(substr($row, strlen($leaf) + 1)),
                ]);
            }
        }
        $kind = (string) preg_replace('/[@\[].*$/', '', $row);
        $what = match (true) {
            Lang::has("clearances.rows.{$kind}") => self::say("rows.{$kind}"),
            str_starts_with($kind, 'back-') => self::say('back', ['what' => self::thing(substr($kind, 5))]),
            str_starts_with($kind, 'hole-') => self::say('bolt', ['which' => strtr(substr($kind, 5), ['-' => ', '])]),
            default => strtr($kind, ['-' => ' ']),
        };

        return match (1) {
            preg_match('/@(.+)$/', $row, $at) => self::say('at', ['what' => $what, 'at' => $at[1]]),
            preg_match('/\[(\d+)\]/', $row, $at) => self::say('measured', ['what' => $what, 'n' => (int) $at[1] + 1]),
            default => $what,
        };
    }

    /** A measure that a clearance hangs on: a field of the document, a size of the leaf, a mark or a hole. */
    public static function input(string $input, Document $document): string
    {
        $words = Lang::has("inputs.{$input}") ? Lang::get("inputs.{$input}") : null;

        return is_string($words) ? $words : Places::name($input, $document);
    }

    /** Which measure matters most, and whether it can be taken again. */
    public static function mattersMost(Clearance $row, Document $document): string
    {
        $input = $row->mattersMost();

        return self::say(str_starts_with($input, 'survey.') ? 'measure-again' : 'matters-most', [
            'what' => self::input($input, $document),
        ]);
    }

    private static function thing(string $thing): string
    {
        return Lang::has("clearances.things.{$thing}") ? self::say("things.{$thing}") : $thing;
    }

    /** @param  array<string, string|int>  $with */
    private static function say(string $key, array $with = []): string
    {
        $words = Lang::get("clearances.{$key}", $with);

        return is_string($words) ? $words : $key;
    }
}
