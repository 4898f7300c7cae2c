<?php

declare(strict_types=1);

namespace App\Bench;

/** Rows under one heading. */
final readonly class Group
{
    /**
     * @param  list<Row>  $rows
     * @param  list<Offer>  $offers
     * @param  array<string, string>  $links  words => where they lead
     */
    public function __construct(public string $title, public array $rows, public string $note = '', public array $offers = [], public array $links = []) {}

    /** The field of a place; null where none of these groups has it. */
    public static function field(string $place, self ...$groups): ?Field
    {
        foreach ($groups as $group) {
            foreach ($group->rows as $row) {
                foreach ($row->fields as $field) {
                    if ($field->place === $place) {
                        return $field;
                    }
                }
            }
        }

        return null;
    }
}
