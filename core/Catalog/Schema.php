<?php

declare(strict_types=1);

namespace YokeLine\Catalog;

/** The catalogue as JSON Schema, 2020-12: what is published, and what files are held against. */
final class Schema
{
    private const LENGTH = ['$ref' => '#/$defs/length'];

    private const ID = ['type' => 'string', 'pattern' => '^[A-Za-z0-9_-]{1,40}$'];

    public static function doorway(): string
    {
        $properties = ['format' => ['const' => 'yoke-line/doorway'], 'version' => ['enum' => [1, 2]]];
        foreach (Catalog::whole()->fields() as $field) {
            if (str_starts_with($field->path, 'part.')) {
                continue;
            }
            $isKit = str_starts_with($field->path, 'kit.');
            $properties = self::with(
                $properties,
                explode('.', $field->path),
                $isKit ? self::orNull(self::of($field)) : self::of($field),
                $isKit,
            );
        }

        return json_encode(
            [
                '$schema' => 'https://json-schema.org/draft/2020-12/schema',
                '$id' => 'yoke-line:doorway-v1',
                'title' => 'Yoke Line doorway, versions 1 and 2',
                'description' => 'One doorway: what was measured and what is wanted. '.
                    'A length is a number in the document\'s units or text as people write it. '.
                    'Unknown keys are kept. Version 2 gives the items of lists ids of their own.',
                'type' => 'object',
                'required' => ['format', 'version'],
                'properties' => $properties,
                '$defs' => ['length' => ['type' => ['number', 'string']]],
            ],
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /**
     * @param  array<string, mixed>  $properties
     * @param  non-empty-list<string>  $path  an item of a list is `name[]`
     * @param  array<string, mixed>  $what
     * @param  bool  $orNull  what is on the way there may be null
     * @return array<string, mixed>
     */
    private static function with(array $properties, array $path, array $what, bool $orNull): array
    {
        $key = array_shift($path);
        $name = rtrim($key, '[]');
        /** @var array<string, mixed> $node */
        $node = $properties[$name] ?? ['type' => $orNull ? ['object', 'null'] : 'object'];
        if ($path === []) {
            $node = $what;
        } else {
            /** @var array{items?: array<string, mixed>, properties?: array<string, mixed>} $node */
            $within = $name === $key ? $node : $node['items'] ?? [];
            /** @var array<string, mixed> $known */
            $known = $within['properties'] ?? [];
            $within['properties'] = self::with($known, $path, $what, $orNull);
            $node = $name === $key ? $within : [...$node, 'items' => $within];
        }

        return [...$properties, $name => $node];
    }

    /**
     * The sheets of kits write null for what a kit has not.
     *
     * @param  array<string, mixed>  $what
     * @return array<string, mixed>
     */
    private static function orNull(array $what): array
    {
        return match (true) {
            isset($what['enum']) && is_array($what['enum']) => [...$what, 'enum' => [...$what['enum'], null]],
            isset($what['type']) => [...$what, 'type' => [...(array) $what['type'], 'null']],
            default => ['type' => ['number', 'string', 'null']],
        };
    }

    /** @return array<string, mixed> */
    private static function of(Field $field): array
    {
        $pair = ['type' => 'array', 'items' => self::LENGTH, 'minItems' => 2, 'maxItems' => 2];
        $item = ['type' => 'object', 'properties' => ['id' => self::ID], 'required' => $field->keys];

        return match ($field->type) {
            FieldType::Length => self::LENGTH,
            FieldType::Lengths => ['type' => 'array', 'maxItems' => $field->most, 'items' => self::LENGTH],
            FieldType::Span => $pair,
            // Of these one end may be told before the other.
            FieldType::Spans => [
                'type' => 'array',
                'maxItems' => $field->most,
                'items' => ['type' => 'array', 'maxItems' => 2, 'items' => self::orNull(self::LENGTH)],
            ],
            FieldType::Text => ['type' => 'string'],
            FieldType::Texts => ['type' => 'array', 'maxItems' => $field->most, 'items' => ['type' => 'string']],
            FieldType::Flag => ['enum' => [true, false, 'yes', 'no']],
            FieldType::Count, FieldType::Amount => ['type' => ['number', 'string']],
            FieldType::Choice => [
                'enum' => [
                    ...$field->answers,
                    ...array_map(intval(...), array_values(array_filter($field->answers, ctype_digit(...)))),
                ],
            ],
            FieldType::Choices => ['type' => 'array', 'items' => ['enum' => $field->answers]],
            FieldType::Items => ['type' => 'array', 'maxItems' => $field->most, 'items' => array_filter($item)],
        };
    }
}
