<?php

declare(strict_types=1);

namespace YokeLine\Format;

use stdClass;
use YokeLine\Catalog\Catalog;

/**
 * The ids of what stands in a doorway's lists. A place names an item by its id, so that it means the same thing
 * whatever else is added or
 * taken out meanwhile. Version 1 of the file has none; what is kept has them, and is of version 2.
 */
final class ItemIds
{
    public const VERSION = 2;

    /**
     * The document with an id for every item.
     *
     * @param  string  $prefix  what new ones begin with: letters and digits
     */
    public static function given(Document $document, string $prefix = 'i'): Document
    {
        $document = OldKeys::renewed($document);
        // What a kit counts out is named by its place.
        $own = array_diff_key(get_object_vars($document->root), ['kit' => true, 'kits' => true]);
        foreach (self::isToldApart($own) ? [] : Catalog::whole()->lists() as $path) {
            $list = $document->get($path);
            if (is_array($list) && array_filter($list, fn (mixed $item) => self::of($item) === null) !== []) {
                $document = $document->with($path, self::filled($list, $prefix));
            }
        }

        return $document->get('version') === self::VERSION ? $document : $document->with('version', self::VERSION);
    }

    /** Whether all that stands in any list has an id: nearly always, and then nothing is asked of the lists. */
    private static function isToldApart(mixed $node): bool
    {
        foreach ($node instanceof stdClass ? get_object_vars($node) : (array) $node as $key => $item) {
            $isNameless = is_int($key) && $item instanceof stdClass && self::of($item) === null;
            if ($isNameless || ! (is_scalar($item) || self::isToldApart($item))) {
                return false;
            }
        }

        return true;
    }

    /** An id that nothing in any of the lists has. */
    public static function next(Document $document, string $prefix): string
    {
        $taken = array_merge(
            ...array_map(fn (string $path) => self::all((array) $document->get($path)), Catalog::whole()->lists()),
        );
        for ($n = 1; in_array("{$prefix}{$n}", $taken, true); $n++);

        return "{$prefix}{$n}";
    }

    /**
     * @param  array<mixed>  $list
     * @return list<mixed>
     */
    private static function filled(array $list, string $prefix): array
    {
        $taken = array_flip(self::all($list));
        $filled = [];
        $n = 0;
        $seen = [];
        foreach (array_values($list) as $item) {
            $id = self::of($item);
            if ($item instanceof stdClass && ($id === null || isset($seen[$id]))) {
                do {
                    $id = $prefix.++$n;
                } while (isset($taken[$id]));
                $item = (object) ['id' => $id, ...array_diff_key(get_object_vars($item), ['id' => 1])];
            }
            $seen[(string) $id] = true;
            $filled[] = $item;
        }

        return $filled;
    }

    /**
     * @param  array<mixed>  $list
     * @return list<string>
     */
    private static function all(array $list): array
    {
        return array_values(array_filter(array_map(self::of(...), $list)));
    }

    private static function of(mixed $item): ?string
    {
        $id = $item instanceof stdClass ? $item->id ?? null : null;

        return is_string($id) && preg_match('/^[A-Za-z0-9_-]{1,40}$/', $id) === 1 ? $id : null;
    }
}
