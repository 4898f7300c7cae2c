<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Http\Response;
use Illuminate\Support\Str;
use RuntimeException;

/** Rows as CSV, for a spreadsheet: digits grouped by a narrow space on paper are grouped by a plain one here. */
final class Table
{
    /**
     * @param  list<string>  $head
     * @param  iterable<list<string|int|float>>  $rows
     */
    public static function csv(array $head, iterable $rows): string
    {
        $file = fopen('php://temp', 'r+') ?: throw new RuntimeException('No room to write a table.');
        fputcsv($file, $head, escape: '');
        foreach ($rows as $row) {
            fputcsv($file, array_map(fn (string|int|float $cell) => is_string($cell) ? strtr($cell, ["\u{202f}" => ' ']) : $cell, $row), escape: '');
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /** Answers with a table, as a file that is called after whose it is and what it holds. */
    public static function answer(string $csv, string $what, string $whose = ''): Response
    {
        $name = implode('-', array_filter([Str::slug($whose), $what]));

        return response($csv, headers: ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => "attachment; filename=\"{$name}.csv\""]);
    }
}
