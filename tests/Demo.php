<?php

declare(strict_types=1);

namespace Tests;

use App\Firm\Here;
use App\Models\Firm;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use stdClass;
use Symfony\Component\Finder\SplFileInfo;

/**
 * The demo in an empty house: seeded once in a process, laid down again as rows and photographs for each test after.
 *
 * @phpstan-type Held array{string, array<string, string>}
 */
final class Demo
{
    /** The rows of all tables, as SQL that lays them down. */
    private static ?string $rows = null;

    /** @var array<string, string> what each photograph holds, by where it stands in their folder */
    private static array $photos = [];

    public static function load(): void
    {
        if (! self::isForThisHouse()) {
            (new DemoSeeder())->run();
        } elseif (self::$rows === null) {
            $empty = array_filter(self::tables(), fn (string $table) => DB::table($table)->doesntExist());
            $taken = self::taken();
            (new DemoSeeder())->run();
            self::keep($empty, array_diff(self::taken(), $taken));
        } else {
            self::layDown(self::$rows);
        }
    }

    /**
     * What it is laid down by, for another process.
     *
     * @return ?Held  null where it was not asked for
     */
    public static function held(): ?array
    {
        return self::$rows === null ? null : [self::$rows, self::$photos];
    }

    /** @param  Held  $held  by another process */
    public static function hold(array $held): void
    {
        [self::$rows, self::$photos] = $held;
    }

    /** A house of one firm that nothing was entered in, and that counts on by the rows it is given. */
    private static function isForThisHouse(): bool
    {
        return DB::getDriverName() === 'sqlite'
            && app(Here::class)->firm() === Firm::FIRST
            && DB::table('sqlite_sequence')->whereIn('name', ['jobs', 'users'])->where('seq', '>', 0)->doesntExist();
    }

    /** @return list<string> */
    private static function tables(): array
    {
        $tables = DB::table('sqlite_master')->where('type', 'table')->where('name', 'not like', 'sqlite_%');

        return array_values(array_filter($tables->pluck('name')->all(), is_string(...)));
    }

    /**
     * @param  array<string>  $tables  those that only the demo fills
     * @param  array<string>  $photos  those that came with it
     */
    private static function keep(array $tables, array $photos): void
    {
        self::$rows = 'pragma defer_foreign_keys = on;';
        foreach ($tables as $table) {
            $rows = DB::table($table)->get()->map(fn (stdClass $row) => (array) $row)->all();
            foreach (array_chunk($rows, 400) as $some) {
                $names = implode('", "', array_keys($some[0]));
                self::$rows .= "insert into \"{$table}\" (\"{$names}\") values ".implode(', ', array_map(
                    fn (array $row) => '('.implode(', ', array_map(DB::escape(...), $row)).')',
                    $some,
                )).';';
            }
        }
        foreach ($photos as $photo) {
            self::$photos[$photo] = File::get(self::photos()."/{$photo}");
        }
    }

    private static function layDown(string $rows): void
    {
        DB::transaction(fn () => DB::unprepared($rows));
        foreach (self::$photos as $place => $photo) {
            File::ensureDirectoryExists(dirname(self::photos()."/{$place}"));
            File::put(self::photos()."/{$place}", $photo);
        }
    }

    /** @return list<string> where photographs stand in their folder */
    private static function taken(): array
    {
        return array_map(
            fn (SplFileInfo $photo) => $photo->getRelativePathname(),
            File::isDirectory(self::photos()) ? array_values(File::allFiles(self::photos())) : [],
        );
    }

    private static function photos(): string
    {
        return rtrim(config()->string('app.photos'), '/');
    }
}
