<?php

declare(strict_types=1);

namespace App\Files;

use Illuminate\Http\Response;
use Illuminate\Support\Str;
use RuntimeException;
use YokeLine\Measure\LengthWriter;

/** Rows as CSV, for a spreadsheet: blanks that keep a number in one line on paper are plain ones here. */
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
            fputcsv(
                $file,
                array_map(
                    fn (string|int|float $cell) => is_string($cell)
                        ? self::safe(LengthWriter::inPlainBlanks($cell))
                        : $cell,
                    $row,
                ),
                escape: '',
            );
        }
        rewind($file);

        return (string) stream_get_contents($file);
    }

    /**
     * Text that a spreadsheet would work as a formula stands behind a mark that makes it text; a number, also one below
     * 0, is left alone.
     */
    private static function safe(string $cell): string
    {
        return preg_match('/^[=+\-@\t\r|%]/', $cell) === 1 && preg_match('/^[+-]?[\d.,\/ ]+$/', $cell) !== 1
            ? "'{$cell}"
            : $cell;
    }

    /** A cell as it was before it was made safe. */
    public static function plain(string $cell): string
    {
        return preg_match("/^'[=+\-@\t\r|%]/", $cell) === 1 ? substr($cell, 1) : $cell;
    }

    /** Answers with a table, as a file that is called after whose it is and what it holds. */
    public static function answer(string $csv, string $what, string $whose = ''): Response
    {
        $name = implode('-', array_filter([Str::slug($whose), $what]));

        return response(
            $csv,
            headers: [
                'Content-Type' => 'text/csv; charset=UTF-8',
                'Content-Disposition' => "attachment; filename=\"{$name}.csv\"",
            ],
        );
    }
}
