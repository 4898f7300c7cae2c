<?php

declare(strict_types=1);

namespace YokeLine\Format;

use LogicException;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use stdClass;

/** Holds a document against its published JSON Schema and names every place that does not fit. */
final readonly class SchemaCheck
{
    private const MOST_PROBLEMS = 20;

    private const TWO_PLACES = 'Exactly two places are wanted here, [from, to].';

    private stdClass $schema;

    /** @param  string  $schema the schema's JSON */
    public function __construct(string $schema)
    {
        $read = json_decode($schema);
        $this->schema = $read instanceof stdClass ? $read : throw new LogicException('The schema is no JSON object.');
    }

    /** @throws UnreadableFile */
    public function check(Document $document): void
    {
        // What the format and version are comes first: of another file nothing else would make sense.
        if ($document->get('format') !== 'yoke-line/doorway') {
            throw UnreadableFile::wrongFormat('yoke-line/doorway', $document->get('format'));
        }
        if (! in_array($document->get('version'), [1, ItemIds::VERSION], true)) {
            throw UnreadableFile::unknownVersion($document->get('version'));
        }
        $validator = new Validator(max_errors: self::MOST_PROBLEMS, stop_at_first_error: false);
        $error = $validator->validate($document->root, self::about($this->schema, $document->root))->error();
        if ($error !== null) {
            $problems = [];
            foreach (self::roots($error) as $leaf) {
                $problems[self::place($leaf->data()->fullPath())] ??= self::sentence($leaf);
            }
            throw new UnreadableFile($problems);
        }
    }

    /** The part of the schema that says anything of what is there: to read the rest takes longer than to check. */
    private static function about(stdClass $schema, mixed $data): stdClass
    {
        if (! ($data instanceof stdClass) || ! isset($schema->properties)) {
            return $schema;
        }
        $about = clone $schema;
        $about->properties = new stdClass();
        foreach (get_object_vars($data) as $key => $value) {
            $of = $schema->properties->{$key} ?? null;
            if ($of instanceof stdClass) {
                $about->properties->{$key} = self::about($of, $value);
            }
        }

        return $about;
    }

    /** @return list<ValidationError> the errors that others only report */
    private static function roots(ValidationError $error): array
    {
        /** @var list<ValidationError> $under */
        $under = array_values($error->subErrors());

        return $under === [] ? [$error] : array_merge(...array_map(self::roots(...), $under));
    }

    private static function sentence(ValidationError $error): string
    {
        $args = $error->args();
        $found = json_encode($error->data()->value(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) ?: '?';
        $found = mb_strlen($found) > 40 ? mb_substr($found, 0, 40).'…' : $found;
        $names = [
            'object' => 'an object, { … },',
            'array' => 'a list, [ … ],',
            'string' => 'text',
            'number' => 'a number',
            'boolean' => 'true or false',
        ];
        $expected = self::texts($args['expected'] ?? '');
        $count = fn (string $key): int => is_int($args[$key] ?? null) ? $args[$key] : 2;
        $kind = ucfirst($names[$expected[0] ?? ''] ?? ($expected[0] ?? ''));
        $rule = $error->schema()->info()->data();

        return match ($error->keyword()) {
            'type' => (array_diff(['number', 'string'], $expected) === []
                ? 'A length, as a number or as text,'
                : $kind).
                ' is wanted here, not '.
                $found.
                '.',
            'enum' => 'One of '.
                implode(', ', self::texts(is_object($rule) ? $rule->enum ?? [] : [])).
                ' is wanted here, not '.
                $found.
                '.',
            'required' => 'Missing here: '.implode(', ', self::texts($args['missing'] ?? [])).'.',
            'maxItems' => $count('max') === 2
                ? self::TWO_PLACES
                : UnreadableFile::tooMany($count('max'), $count('count')),
            'minItems' => self::TWO_PLACES,
            default => "This does not fit the format: {$found}.",
        };
    }

    /** @return list<string> */
    private static function texts(mixed $values): array
    {
        return array_values(
            array_map(fn (mixed $value) => is_string($value) ? $value : '', is_array($values) ? $values : [$values]),
        );
    }

    /** @param  array<int|string>  $path */
    private static function place(array $path): string
    {
        return ltrim(
            implode('', array_map(fn (int|string $step) => is_int($step) ? "[{$step}]" : ".{$step}", $path)),
            '.',
        );
    }
}
