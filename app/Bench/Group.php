<?php

declare(strict_types=1);

namespace App\Bench;

use App\Words\BenchWords;

/** Rows under one heading. */
final readonly class Group
{
    /**
     * @param  list<Row>  $rows
     * @param  list<Offer>  $offers
     * @param  array<string, string>  $links  words => where they lead
     */
    private function __construct(
        public string $key,
        public string $title,
        public array $rows,
        public string $note,
        public array $offers,
        public array $links,
    ) {}

    /**
     * @param  string  $key  its words: title and note
     * @param  list<Row>  $rows
     * @param  list<Offer>  $offers
     * @param  array<string, string>  $links  key of their words => where they lead
     * @param  ?string  $note  where it is not always the same
     */
    public static function named(
        string $key,
        array $rows,
        array $offers = [],
        array $links = [],
        ?string $note = null,
    ): self {
        return new self(
            $key,
            BenchWords::title($key),
            $rows,
            $note ?? BenchWords::note($key),
            $offers,
            array_combine(array_map(BenchWords::link(...), array_keys($links)), $links),
        );
    }

    /** With rows more at its end. */
    public function with(Row ...$rows): self
    {
        return new self(
            $this->key,
            $this->title,
            [...$this->rows, ...array_values($rows)],
            $this->note,
            $this->offers,
            $this->links,
        );
    }

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
