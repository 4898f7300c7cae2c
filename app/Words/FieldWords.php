<?php

declare(strict_types=1);

namespace App\Words;

use YokeLine\Catalog\Catalog;

/** What the fields of the catalogue and their answers are called, in the reader's language. */
final class FieldWords
{
    /** @param  int  $n  which of a list it is of, from 1 */
    public static function label(string $place, int $n = 0): string
    {
        return self::find('fields', $place, $n) ?? strtr(Catalog::path($place), ['.' => ' ', '_' => ' ', '[]' => '']);
    }

    public static function isNamed(string $place): bool
    {
        return self::find('fields', $place) !== null;
    }

    /** In short, where it stands beside others of one row; '' where it needs none. */
    public static function caption(string $place): string
    {
        return self::find('captions', $place) ?? '';
    }

    /**
     * What may be answered, as written => as said.
     *
     * @param  list<string>  $only  where not all of them are offered
     * @return array<string, string>
     */
    public static function answers(string $place, array $only = []): array
    {
        $path = Catalog::path($place);
        $book = app(Books::class)->open('answers');
        $said = $book[$path] ?? ($book[rtrim($path, '[]')] ?? []);
        /** @var array<string, string> $said */
        $only = $only === [] ? array_keys($said) : $only;

        return array_combine($only, array_map(fn (string $answer) => $said[$answer], $only));
    }

    /**
     * By its own place in a list of numbers (`width[0]`), else by its path.
     *
     * @param  int  $n  which of a list it is of
     */
    private static function find(string $book, string $place, int $n = 0): ?string
    {
        $path = Catalog::path($place);
        $own = preg_match('/\[\d+\]$/', $place, $last) === 1 ? substr($path, 0, -2).$last[0] : $path;
        $words = app(Books::class)->open($book);
        $found = $words[$own] ?? ($words[$path] ?? ($words[rtrim($path, '[]')] ?? null));

        return is_string($found) ? strtr($found, [':n' => (string) $n]) : null;
    }
}
