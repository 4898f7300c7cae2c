<?php

declare(strict_types=1);

namespace App\Keeping;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use RuntimeException;
use SplFileInfo;
use ZipArchive;

/**
 * Everything as one file: the database as it stood at one moment, the photographs, and a list of all of it with a sum
 * of each. It is written beside the others and named when it is whole: what has a name can be brought back.
 */
final class Backup
{
    public const VERSION = 1;

    public const LIST = 'backup.json';

    public const DATABASE = 'yoke-line.sqlite';

    /**
     * @param  string  $why  what it was made for: `nightly`, `asked`, `update`
     * @return string where it is
     */
    public static function write(string $folder, string $why = 'asked'): string
    {
        File::ensureDirectoryExists($folder, 0700);
        $name = 'yoke-line-'.now()->format('Y-m-d-His')."-{$why}.zip";
        $half = "{$folder}/.{$name}.half";
        $database = "{$half}.sqlite";
        @unlink($database);
        try {
            // As it stands at this moment, while others go on writing.
            DB::statement('VACUUM INTO ?', [$database]);
            self::pack($half, [self::DATABASE => $database, ...self::photos()]);
            // On the disk before it has its name.
            $written = fopen($half, 'r+') ?: throw new RuntimeException($half);
            fsync($written);
            fclose($written);
            rename($half, "{$folder}/{$name}") || throw new RuntimeException($name);
        } finally {
            @unlink($database);
            @unlink($half);
        }

        return "{$folder}/{$name}";
    }

    /** @param  array<string, string>  $files  what is packed, by its name in the backup */
    private static function pack(string $path, array $files): void
    {
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::CREATE | ZipArchive::OVERWRITE) === true || throw new RuntimeException($path);
        $sums = [];
        foreach ($files as $name => $file) {
            $sums[$name] = (string) hash_file('sha256', $file);
            $zip->addFile($file, $name);
            // Photographs are packed already.
            $name === self::DATABASE || $zip->setCompressionName($name, ZipArchive::CM_STORE);
        }
        $zip->addFromString(
            self::LIST,
            (string) json_encode([
                'format' => 'yoke-line/backup',
                'version' => self::VERSION,
                'made_at' => Carbon::now()->toIso8601String(),
                'migrations' => DB::table('migrations')->orderBy('id')->pluck('migration')->all(),
                'files' => (object) $sums,
            ], JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES),
        );
        $zip->close() || throw new RuntimeException($path);
    }

    /** @return array<string, string> */
    private static function photos(): array
    {
        $folder = rtrim(config()->string('app.photos'), '/');
        $files = [];
        /** @var SplFileInfo $file */
        foreach (is_dir($folder) ? File::allFiles($folder) : [] as $file) {
            $name = ltrim(substr($file->getPathname(), strlen($folder)), '/');
            // What is still arriving arrives again.
            if (! str_starts_with($name, 'pieces/') && ! str_ends_with($name, '.half')) {
                $files["photos/{$name}"] = $file->getPathname();
            }
        }

        return $files;
    }
}
