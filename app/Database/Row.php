<?php

declare(strict_types=1);

namespace App\Database;

/** A row as the database tells it, which says a number as text or as a number, whichever it likes. */
final readonly class Row
{
    public function __construct(private object $row) {}

    public function text(string $column): string
    {
        return self::asText($this->row->{$column} ?? null);
    }

    public function number(string $column): int
    {
        return self::asNumber($this->row->{$column} ?? null);
    }

    /** What is kept as JSON. */
    public function json(string $column): mixed
    {
        return json_decode($this->text($column));
    }

    /** One value by itself; '' where there is none. */
    public static function asText(mixed $value): string
    {
        return is_scalar($value) ? (string) $value : '';
    }

    /** One value by itself; 0 where there is none. */
    public static function asNumber(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }
}
