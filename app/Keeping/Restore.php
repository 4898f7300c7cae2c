<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use PDO;
use PDOException;
use stdClass;
use ZipArchive;

/** Brings a backup back. It is proved whole before anything is touched, and what was there is kept beside it. */
final readonly class Restore
{
    private const MOST_LIST_BYTES = 64_000_000;

    /** @param  array<string, string>  $sums  of each file, by its name in the backup */
    private function __construct(private ZipArchive $zip, private array $sums) {}

    /**
     * A backup that is one, whole, and of this version or an earlier one.
     *
     * @throws NotRestored
     */
    public static function of(string $path): self
    {
        $zip = new ZipArchive();
        if (! is_file($path) || $zip->open($path, ZipArchive::RDONLY | ZipArchive::CHECKCONS) !== true) {
            throw new NotRestored('not-whole');
        }
        $list = json_decode((string) $zip->getFromName(Backup::LIST, self::MOST_LIST_BYTES));
        $isOurs = $list instanceof stdClass && ($list->format ?? null) === 'yoke-line/backup';
        if (! $isOurs || ! is_object($list->files ?? null)) {
            throw new NotRestored('no-backup');
        }
        $migrations = array_values(array_filter((array) $list->migrations, is_string(...)));
        if ($list->version !== Backup::VERSION || Version::isNewer($migrations)) {
            throw new NotRestored('newer');
        }
        /** @var array<string, string> $sums */
        $sums = get_object_vars($list->files);

        return new self($zip, $sums);
    }

    /**
     * Lays the database and the photographs where they belong.
     *
     * @return ?string where what was there before is now; null where there was nothing
     *
     * @throws NotRestored where anything of it is not as it was packed; then nothing is touched
     */
    public function into(string $database, string $photos): ?string
    {
        $staged = dirname($database).'/.restoring-'.bin2hex(random_bytes(4));
        try {
            $this->stage($staged);

            return self::swap($staged, $database, $photos);
        } finally {
            File::deleteDirectory($staged);
        }
    }

    private function stage(string $folder): void
    {
        foreach ($this->sums as $name => $sum) {
            $isSafe = $name === Backup::DATABASE || preg_match('#^photos/\d+/[\w.-]+$#', $name) === 1;
            $stream = $isSafe ? $this->zip->getStream($name) : false;
            if ($stream === false) {
                throw new NotRestored('damaged', $name);
            }
            File::ensureDirectoryExists(dirname("{$folder}/{$name}"), 0700);
            file_put_contents("{$folder}/{$name}", $stream);
            if (hash_file('sha256', "{$folder}/{$name}") !== $sum) {
                throw new NotRestored('damaged', $name);
            }
        }
        try {
            $said = (new PDO("sqlite:{$folder}/".Backup::DATABASE))->query('PRAGMA integrity_check');
            $isSound = $said !== false && $said->fetchColumn() === 'ok';
        } catch (PDOException) {
            $isSound = false;
        }
        if (! $isSound) {
            throw new NotRestored('damaged', Backup::DATABASE);
        }
    }

    private static function swap(string $staged, string $database, string $photos): ?string
    {
        DB::purge();
        $aside = dirname($database).'/before-restore-'.now()->format('Y-m-d-His');
        $was = array_filter(
            [$database, "{$database}-wal", "{$database}-shm", $photos],
            fn (string $path) => file_exists($path),
        );
        File::ensureDirectoryExists($aside, 0700);
        foreach ($was as $path) {
            rename($path, "{$aside}/".basename($path));
        }
        rename("{$staged}/".Backup::DATABASE, $database);
        File::ensureDirectoryExists(dirname($photos), 0700);
        is_dir("{$staged}/photos") ? rename("{$staged}/photos", $photos) : File::ensureDirectoryExists($photos, 0700);
        if ($was === []) {
            rmdir($aside);
        }

        return $was === [] ? null : $aside;
    }
}
