<?php

namespace App\Bench;

/** Rows under one heading. */
final readonly class Group
{
    /** @param  list<Row>  $rows */
    public function __construct(public string $title, public array $rows, public string $note = '') {}
}
