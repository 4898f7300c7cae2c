<?php

declare(strict_types=1);

namespace App\Bench;

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
}
