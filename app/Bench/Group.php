<?php

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
}
