<?php

declare(strict_types=1);

namespace YokeLine\Survey;

use YokeLine\Catalog\Field;
use YokeLine\Catalog\FieldType;
use YokeLine\Catalog\Stretch;

/** One thing that is asked on the walk along a wall. */
final readonly class Asked
{
    /**
     * @param  string  $place  in a document; of a list of things, the list
     * @param  list<self>  $parts  what is asked of each of a list of things, with places below `list[]`
     * @param  list<string>  $unless  it is asked unless all of these were said to be nought: a casing that is not there
     *   does not project
     * @param  ?string  $after  the one before it in a list of lengths, which is filled from its beginning
     */
    public function __construct(
        public string $place,
        public Field $field,
        public Stretch $stretch,
        public array $parts = [],
        public array $unless = [],
        public ?string $after = null,
    ) {}

    public function isLength(): bool
    {
        return in_array($this->field->type, [FieldType::Length, FieldType::Lengths, FieldType::Span], true);
    }
}
