<?php

declare(strict_types=1);

namespace App\Bench;

use App\Words\BenchWords;

/** Fields that are told in one breath, side by side. */
final readonly class Row
{
    /**
     * @param  list<Field>  $fields
     * @param  ?string  $remove  the place of a list item that the row is, where it can be taken out
     */
    public function __construct(public string $label, public array $fields, public ?string $remove = null) {}

    public static function of(Field $field): self
    {
        return new self($field->label, [$field]);
    }

    /** Several under a label of their own. */
    public static function named(string $key, Field ...$fields): self
    {
        return new self(BenchWords::row($key), array_values($fields));
    }
}
