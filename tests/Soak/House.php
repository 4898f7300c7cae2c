<?php

declare(strict_types=1);

namespace Tests\Soak;

use PDO;

/** All rows of a house's database and all its photographs, to hold two of them against each other. */
final class House
{
    /** What is no record: who looks where, and what is asked only while somebody is signed in. */
    private const PASSING = ['sessions', 'cache', 'notices'];

    /** @return array<string, string> a sum by table and by photograph */
    public static function sums(string $database, string $photos): array
    {
        $book = new PDO("sqlite:{$database}");
        $sums = [];
        $tables = $book->query(
            "SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name",
        );
        foreach ($tables === false ? [] : $tables->fetchAll(PDO::FETCH_COLUMN) as $table) {
            if (! in_array($table, self::PASSING, true)) {
                $rows = $book->query("SELECT * FROM \"{$table}\" ORDER BY 1");
                $sums[$table] = sha1(serialize($rows === false ? [] : $rows->fetchAll(PDO::FETCH_NUM)));
            }
        }
        foreach (glob("{$photos}/*/*") ?: [] as $file) {
            $sums[basename(dirname($file)).'/'.basename($file)] = (string) sha1_file($file);
        }

        return $sums;
    }

    /** Kilobytes that the processes of a group hold. */
    public static function memory(int $group): int
    {
        $kb = 0;
        foreach (glob('/proc/[0-9]*/stat') ?: [] as $file) {
            $stat = (string) @file_get_contents($file);
            $of = explode(' ', substr($stat, (int) strrpos($stat, ')') + 2));
            if ((int) ($of[2] ?? 0) === $group) {
                preg_match('/^VmRSS:\s+(\d+)/m', (string) @file_get_contents(dirname($file).'/status'), $rss);
                $kb += (int) ($rss[1] ?? 0);
            }
        }

        return $kb;
    }
}
