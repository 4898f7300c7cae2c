<?php

declare(strict_types=1);

namespace Tests;

use App\Firm\Here;
use App\Models\Doorway;
use App\Models\Firm;
use App\Models\LogEntry;
use App\Site\Photo;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use stdClass;

/**
 * The demo in an empty house: seeded once in a process, laid down again as rows and photographs for each test after.
 *
 * @phpstan-type Held array{array<string, list<array<string, mixed>>>, array<int, string>}
 */
final class Demo
{
    /** @var ?array<string, list<array<string, mixed>>> the rows of each table */
    private static ?array $rows = null;

    /** @var array<int, string> what a photograph holds, by its entry in the log */
    private static array $photos = [];

    public static function load(): void
    {
        if (! self::isForThisHouse()) {
            (new DemoSeeder())->run();
        } elseif (self::$rows === null) {
            $empty = array_filter(self::tables(), fn (string $table) => DB::table($table)->doesntExist());
            (new DemoSeeder())->run();
            self::keep($empty);
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

    /** @param  array<string>  $tables  those that only the demo fills */
    private static function keep(array $tables): void
    {
        self::$rows = [];
        foreach ($tables as $table) {
            self::$rows[$table] = DB::table($table)->get()->map(fn (stdClass $row) => (array) $row)->all();
        }
        self::$photos = self::taken()->map(fn (LogEntry $taken) => File::get(self::place($taken)))->all();
    }

    /** @param  array<string, list<array<string, mixed>>>  $rows */
    private static function layDown(array $rows): void
    {
        DB::transaction(function () use ($rows) {
            DB::statement('pragma defer_foreign_keys = on');
            foreach ($rows as $table => $of) {
                foreach (array_chunk($of, 50) as $some) {
                    DB::table($table)->insert($some);
                }
            }
        });
        foreach (self::taken() as $id => $taken) {
            File::ensureDirectoryExists(dirname(self::place($taken)));
            File::put(self::place($taken), self::$photos[$id]);
        }
    }

    /** @return Collection<int, LogEntry> */
    private static function taken(): Collection
    {
        return LogEntry::query()->where('kind', 'photo')->get()->keyBy('id');
    }

    private static function place(LogEntry $taken): string
    {
        return Photo::path(Doorway::query()->findOrFail($taken->doorway_id), $taken->data['file']);
    }
}
