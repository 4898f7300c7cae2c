<?php

declare(strict_types=1);

namespace YokeLine\Format;

use JsonException;
use stdClass;

/**
 * A JSON document that is never changed, only copied with a change. Places are written as in messages:
 * survey.studs[3].x, or
 * survey.studs[#k3].x for the item of that id, wherever in its list it stands.
 * What it does not know it keeps and gives back.
 */
final readonly class Document
{
    /** Objects and lists within each other. */
    public const DEEPEST = 64;

    /** What is kept may stand within a file that is given out. */
    public const DEEPEST_WITHIN = 96;

    /** Where it may hold a number past 1e308: nothing else is read that could not be written. */
    private const PERHAPS_ENDLESS = '/\d[eE]\+?\d{2}|\d{300}/';

    private function __construct(public stdClass $root) {}

    /**
     * @param  int<1, max>  $deepest
     *
     * @throws UnreadableFile
     */
    public static function fromJson(string $json, int $deepest = self::DEEPEST): self
    {
        try {
            $root = json_decode(
                preg_replace('/^\xEF\xBB\xBF/', '', $json) ?? '',
                false,
                $deepest,
                JSON_THROW_ON_ERROR,
            );
            // A number that no computer holds is read as without end, and could not be written.
            if (preg_match(self::PERHAPS_ENDLESS, $json) !== 0) {
                json_encode($root, JSON_THROW_ON_ERROR, $deepest);
            }
        } catch (JsonException) {
            throw UnreadableFile::notJson();
        }

        return $root instanceof stdClass ? new self($root) : throw UnreadableFile::notAnObject();
    }

    /** @param  array<string, mixed>  $root */
    public static function of(array $root): self
    {
        return self::fromJson(
            json_encode($root, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            self::DEEPEST_WITHIN,
        );
    }

    public function toJson(bool $pretty = false): string
    {
        return json_encode(
            $this->root,
            JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | ($pretty ? JSON_PRETTY_PRINT : 0),
        );
    }

    /** What stands at a place, null where nothing does. */
    public function get(string $path): mixed
    {
        $node = $this->root;
        foreach (Places::steps($path) as $step) {
            if ($node instanceof stdClass) {
                $node = $node->{$step} ?? null;
            } elseif (is_array($node)) {
                $node = $node[self::index($node, $step)] ?? null;
            } else {
                return null;
            }
        }

        return $node;
    }

    public function with(string $path, mixed $value): self
    {
        // As it would be read from a file: what has names is an object, what is counted a list.
        $value = is_array($value) ? json_decode((string) json_encode($value, JSON_PRESERVE_ZERO_FRACTION)) : $value;

        return $this->changed($path, fn (mixed $before) => $value);
    }

    /** Without what stands at a place; the rest of a list moves up. */
    public function without(string $path): self
    {
        $steps = Places::steps($path);
        $last = array_pop($steps);
        $parent = self::join($steps);
        if ($parent !== '' && $this->get($parent) === null) {
            return $this;
        }
        $remove = function (mixed $node) use ($last): mixed {
            if (is_array($node)) {
                return array_values(array_diff_key($node, [self::index($node, $last ?? '') => true]));
            }
            if ($node instanceof stdClass) {
                $node = clone $node;
                unset($node->{$last});
            }

            return $node;
        };

        return $parent === ''
            ? new self($this->asRoot($remove($this->root)))
            : $this->changed($parent, $remove);
    }

    /**
     * Every place where the other differs from this one, leaf by leaf; a list that changed its length counts whole.
     *
     * @return array<string, array{before: mixed, after: mixed}>
     */
    public function changesTo(self $other): array
    {
        return self::compare('', $this->root, $other->root);
    }

    /**
     * A place with its ids as counts, as one speaks of it: survey.studs[#k3].x is survey.studs[2].x where that is the
     * third.
     */
    public function counted(string $place): string
    {
        return (string) preg_replace_callback(
            '/^([^#]*)\[(#[^\]]+)\]/',
            function (array $found): string {
                $list = $this->get($found[1]);

                return "{$found[1]}[".(is_array($list) ? self::index($list, $found[2]) : 0).']';
            },
            $place,
        );
    }

    /** The other way round: with the id of the item that stands at a count, where it has one. */
    public function named(string $place): string
    {
        if (preg_match('/^([^\[#]+)\[(\d+)\](.*)$/', $place, $found) !== 1) {
            return $place;
        }
        $item = $this->get("{$found[1]}[{$found[2]}]");
        $id = $item instanceof stdClass ? $item->id ?? null : null;

        return is_string($id) ? "{$found[1]}[#{$id}]{$found[3]}" : $place;
    }

    public function equals(self $other): bool
    {
        return $this->toJson() === $other->toJson();
    }

    /** @return array<string, array{before: mixed, after: mixed}> */
    private static function compare(string $path, mixed $a, mixed $b): array
    {
        [$ofA, $ofB] = [self::byId($a), self::byId($b)];
        if ($ofA !== null && $ofB !== null) {
            $found = [];
            foreach (array_keys($ofA + $ofB) as $id) {
                $found += self::compare("{$path}{$id}", $ofA[$id] ?? null, $ofB[$id] ?? null);
            }

            return $found;
        }
        if ($a instanceof stdClass && $b instanceof stdClass) {
            [$a, $b] = [get_object_vars($a), get_object_vars($b)];
        } elseif (! is_array($a) || ! is_array($b) || count($a) !== count($b)) {
            return json_encode($a) === json_encode($b) ? [] : [$path => ['before' => $a, 'after' => $b]];
        }
        $found = [];
        foreach (array_keys($a + $b) as $key) {
            $place = is_int($key) ? "{$path}[{$key}]" : ($path === '' ? $key : "{$path}.{$key}");
            $found += self::compare($place, $a[$key] ?? null, $b[$key] ?? null);
        }

        return $found;
    }

    /**
     * Items of a list by their ids; null where not every one has one.
     *
     * @return ?array<string, mixed>
     */
    private static function byId(mixed $list): ?array
    {
        $items = [];
        foreach (is_array($list) ? $list : [null] as $item) {
            $id = $item instanceof stdClass ? $item->id ?? null : null;
            if (! is_string($id)) {
                return null;
            }
            $items["[#{$id}]"] = $item;
        }

        return $items;
    }

    /**
     * Where in a list a step leads: an index as it is, `#k3` to the item of that id; past the end where there is none.
     *
     * @param  array<mixed>  $list
     */
    private static function index(array $list, int|string $step): int
    {
        if (is_int($step)) {
            return $step;
        }
        foreach (array_values($list) as $i => $item) {
            if ($item instanceof stdClass && ($item->id ?? null) === substr($step, 1)) {
                return $i;
            }
        }

        return count($list);
    }

    /** @param  callable(mixed): mixed  $change */
    private function changed(string $path, callable $change): self
    {
        return new self($this->asRoot(self::descend($this->root, Places::steps($path), $change)));
    }

    private function asRoot(mixed $node): stdClass
    {
        return $node instanceof stdClass ? $node : $this->root;
    }

    /**
     * @param  list<int|string>  $steps
     * @param  callable(mixed): mixed  $change
     */
    private static function descend(mixed $node, array $steps, callable $change): mixed
    {
        if ($steps === []) {
            return $change($node);
        }
        $step = array_shift($steps);
        if (is_int($step) || $step[0] === '#') {
            $list = is_array($node) ? array_values($node) : [];
            $at = min(self::index($list, $step), count($list));
            $item = self::descend($list[$at] ?? null, $steps, $change);
            // An item that is named by an id has it.
            $list[$at] =
                is_string($step) && $item instanceof stdClass
                    ? (object) ['id' => substr($step, 1), ...get_object_vars($item)]
                    : $item;

            return array_values($list);
        }
        $object = $node instanceof stdClass ? clone $node : new stdClass();
        $object->{$step} = self::descend($object->{$step} ?? null, $steps, $change);

        return $object;
    }

    /** @param  list<int|string>  $steps */
    private static function join(array $steps): string
    {
        return ltrim(
            implode(
                '',
                array_map(
                    fn (int|string $step) => is_int($step) || $step[0] === '#' ? "[{$step}]" : ".{$step}",
                    $steps,
                ),
            ),
            '.',
        );
    }
}
