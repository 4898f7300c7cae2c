<?php

declare(strict_types=1);

namespace YokeLine\Format;

use JsonException;
use stdClass;

/**
 * A JSON document that is never changed, only copied with a change. Places are written as in messages: survey.studs[3].x.
 * What it does not know it keeps and gives back.
 */
final readonly class Document
{
    private function __construct(public stdClass $root) {}

    /** @throws UnreadableFile */
    public static function fromJson(string $json): self
    {
        try {
            $root = json_decode(preg_replace('/^\xEF\xBB\xBF/', '', $json) ?? '', false, 64, JSON_THROW_ON_ERROR);
        } catch (JsonException $problem) {
            throw UnreadableFile::notJson($problem->getMessage());
        }

        return $root instanceof stdClass ? new self($root) : throw UnreadableFile::notAnObject();
    }

    /** @param  array<string, mixed>  $root */
    public static function of(array $root): self
    {
        return self::fromJson(json_encode($root, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION));
    }

    public function toJson(bool $pretty = false): string
    {
        return json_encode($this->root, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | ($pretty ? JSON_PRETTY_PRINT : 0));
    }

    /** What stands at a place, null where nothing does. */
    public function get(string $path): mixed
    {
        $node = $this->root;
        foreach (self::steps($path) as $step) {
            $node = match (true) {
                $node instanceof stdClass => $node->{$step} ?? null,
                is_array($node) => $node[$step] ?? null,
                default => null,
            };
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
        $steps = self::steps($path);
        $last = array_pop($steps);
        $parent = self::join($steps);
        if ($parent !== '' && $this->get($parent) === null) {
            return $this;
        }
        $remove = function (mixed $node) use ($last): mixed {
            if (is_array($node)) {
                return array_values(array_diff_key($node, [$last => true]));
            }
            if ($node instanceof stdClass) {
                $node = clone $node;
                unset($node->{$last});
            }

            return $node;
        };

        return $parent === '' ? new self($this->asRoot($remove($this->root))) : $this->changed($parent, $remove);
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

    public function equals(self $other): bool
    {
        return $this->toJson() === $other->toJson();
    }

    /** @return array<string, array{before: mixed, after: mixed}> */
    private static function compare(string $path, mixed $a, mixed $b): array
    {
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

    /** @param  callable(mixed): mixed  $change */
    private function changed(string $path, callable $change): self
    {
        return new self($this->asRoot(self::descend($this->root, self::steps($path), $change)));
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
        if (is_int($step)) {
            $list = is_array($node) ? $node : [];
            $step = min($step, count($list));
            $list[$step] = self::descend($list[$step] ?? null, $steps, $change);

            return array_values($list);
        }
        $object = $node instanceof stdClass ? clone $node : new stdClass;
        $object->{$step} = self::descend($object->{$step} ?? null, $steps, $change);

        return $object;
    }

    /** @return list<int|string> */
    private static function steps(string $path): array
    {
        /** @var array<string, list<int|string>> $known  places are asked for over and over */
        static $known = [];
        if (isset($known[$path])) {
            return $known[$path];
        }
        $steps = [];
        foreach (explode('.', str_replace(['[', ']'], ['.#', ''], $path)) as $step) {
            if ($step !== '') {
                $steps[] = $step[0] === '#' ? (int) substr($step, 1) : $step;
            }
        }

        return $known[$path] = $steps;
    }

    /** @param  list<int|string>  $steps */
    private static function join(array $steps): string
    {
        return ltrim(implode('', array_map(fn (int|string $step) => is_int($step) ? "[{$step}]" : ".{$step}", $steps)), '.');
    }
}
