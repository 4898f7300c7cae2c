<?php

declare(strict_types=1);

namespace App\Keeping;

/** Which changes of the tables this version knows, and how a database stands to them. */
final class Version
{
    /** @param  list<string>  $done  those that a database has */
    public static function isNewer(array $done): bool
    {
        return array_diff($done, self::known()) !== [];
    }

    /** @param  list<string>  $done */
    public static function isBehind(array $done): bool
    {
        return array_diff(self::known(), $done) !== [];
    }

    /** @return list<string> */
    private static function known(): array
    {
        return array_map(fn (string $file) => basename($file, '.php'), glob(database_path('migrations/*.php')) ?: []);
    }
}
