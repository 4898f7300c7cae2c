<?php

declare(strict_types=1);

namespace YokeLine\Format;

use LogicException;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;
use stdClass;
use YokeLine\Measure\Message;

/** Holds a document against its published JSON Schema and names every place that does not fit. */
final readonly class SchemaCheck
{
    private const MOST_PROBLEMS = 20;

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
                $problems[self::place($leaf->data()->fullPath())] ??= self::why($leaf);
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

    private static function why(ValidationError $error): Message
    {
        $args = $error->args();
        $found = json_encode($error->data()->value(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES) ?: '?';
        $found = mb_strlen($found) > 40 ? mb_substr($found, 0, 40).'…' : $found;
        $rule = $error->schema()->info()->data();
        $count = fn (string $key): int => is_int($args[$key] ?? null) ? $args[$key] : 2;
        [$how, $with] = match ($error->keyword()) {
            'type' => [self::wanted(self::texts($args['expected'] ?? '')), ['found' => $found]],
            'enum' => [
                'want-one-of',
                [
                    'answers' => implode(', ', self::texts(is_object($rule) ? $rule->enum ?? [] : [])),
                    'found' => $found,
                ],
            ],
            'required' => ['missing', ['what' => implode(', ', self::texts($args['missing'] ?? []))]],
            'maxItems' => $count('max') === 2
                ? ['want-span', []]
                : ['too-many', ['most' => $count('max'), 'found' => $count('count')]],
            'minItems' => ['want-span', []],
            default => ['no-fit', ['found' => $found]],
        };

        return new Message('refusals', $with, $how);
    }

    /** @param  list<string>  $types  what the schema takes */
    private static function wanted(array $types): string
    {
        return array_diff(['number', 'string'], $types) === []
            ? 'want-length-not'
            : match ($types[0] ?? '') {
                'object' => 'want-object-not',
                'array' => 'want-list-not',
                'string' => 'want-text-not',
                'number', 'integer' => 'want-number-not',
                'boolean' => 'want-flag-not',
                default => 'no-fit',
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
