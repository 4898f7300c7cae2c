<?php

declare(strict_types=1);

namespace App\Keeping;

use App\Database\Row;
use App\Plain;
use App\Words\Speaker;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Looks at everything that the house stands on, and says in plain words what is wrong and what to do. */
final class Doctor
{
    /** Less room than this is told, in bytes. */
    private const LEAST_FREE = 500_000_000;

    /** So many days before a certificate ends it is told. */
    private const ENDS_SOON_DAYS = 14;

    private const EXTENSIONS = ['pdo_sqlite', 'mbstring', 'dom', 'zip', 'gd', 'curl', 'openssl', 'fileinfo'];

    /** @return array<string, ?string> what is wrong with each, as a sentence; null where it is well */
    public static function looks(): array
    {
        $found = [];
        foreach (
            [
                'php' => self::php(...),
                'folder' => self::folder(...),
                'disk' => self::disk(...),
                'database' => self::database(...),
                'version' => self::version(...),
                'photos' => self::photos(...),
                'backup' => self::backup(...),
                'clock' => self::clock(...),
                'certificate' => self::certificate(...),
            ] as $of => $look
        ) {
            try {
                $wrong = $look();
            } catch (Throwable $problem) {
                $wrong = ['broken', ['why' => $problem->getMessage()]];
            }
            $found[$of] = $wrong === null ? null : Speaker::words("keeping.doctor.{$wrong[0]}", $wrong[1] ?? []);
        }

        return $found;
    }

    /** @return ?array{0: string, 1?: array<string, string>} */
    private static function php(): ?array
    {
        $missing = array_filter(self::EXTENSIONS, fn (string $name) => ! extension_loaded($name));

        return $missing === [] ? null : ['php-lacks', ['names' => implode(', ', $missing)]];
    }

    /** @return ?array{0: string, 1: array<string, string>} */
    private static function folder(): ?array
    {
        $file = Plain::text(DB::connection()->getConfig('database'));
        foreach ([dirname($file), $file, config()->string('app.photos'), storage_path('framework')] as $path) {
            if (file_exists($path) && ! is_writable($path)) {
                return ['not-writable', ['path' => $path]];
            }
        }

        return null;
    }

    /** @return ?array{0: string, 1: array<string, string>} */
    private static function disk(): ?array
    {
        $folder = dirname(Plain::text(DB::connection()->getConfig('database')));
        $free = is_dir($folder) ? disk_free_space($folder) : false;

        return $free !== false && $free < self::LEAST_FREE
            ? ['disk-full', ['mb' => (string) intdiv((int) $free, 1_000_000), 'path' => $folder]]
            : null;
    }

    /** @return ?array{0: string, 1?: array<string, string>} */
    private static function database(): ?array
    {
        $file = Plain::text(DB::connection()->getConfig('database'));
        if ($file !== ':memory:' && ! is_file($file)) {
            return ['no-database', ['path' => $file]];
        }
        $says = Plain::text(DB::scalar('PRAGMA quick_check(1)'));

        return $says === 'ok' ? null : ['damaged', ['why' => $says]];
    }

    /** @return ?array{0: string} */
    private static function version(): ?array
    {
        /** @var list<string> $done */
        $done = DB::table('migrations')->pluck('migration')->all();

        return match (true) {
            Version::isNewer($done) => ['newer'],
            Version::isBehind($done) => ['half-updated'],
            default => null,
        };
    }

    /** @return ?array{0: string, 1: array<string, string>} */
    private static function photos(): ?array
    {
        $missing = 0;
        $folder = rtrim(config()->string('app.photos'), '/');
        foreach (DB::table('log_entries')->where('kind', 'photo')->orderBy('id')->lazyById(500) as $entry) {
            $row = new Row($entry);
            $data = $row->json('data');
            $file = is_object($data) && is_string($data->file ?? null) ? $data->file : null;
            $missing += (int) ($file !== null && ! is_file("{$folder}/{$row->number('doorway_id')}/{$file}"));
        }

        return $missing > 0 ? ['photos-missing', ['count' => (string) $missing]] : null;
    }

    /** @return ?array{0: string, 1?: array<string, string>} */
    private static function backup(): ?array
    {
        $last = Backups::here()->last();

        return match (true) {
            $last === null => ['no-backup'],
            Backups::here()->isOld() => ['backup-old', ['on' => $last->format('Y-m-d')]],
            default => null,
        };
    }

    /** @return ?array{0: string, 1: array<string, string>} */
    private static function clock(): ?array
    {
        $last = DB::table('revisions')->max('created_at');
        $last = is_string($last) ? Carbon::parse($last) : null;

        // What was kept later than now says that the clock was set back.
        return $last !== null && $last->gt(now()->addMinutes(5))
            ? ['clock-back', ['last' => $last->toDateTimeString(), 'now' => now()->toDateTimeString()]]
            : null;
    }

    /** @return ?array{0: string, 1: array<string, string>} */
    private static function certificate(): ?array
    {
        $file = config()->string('app.certificate');
        $read = is_file($file) ? openssl_x509_parse((string) file_get_contents($file)) : false;
        $ends = is_array($read) ? Carbon::createFromTimestamp(Plain::number($read['validTo_time_t'] ?? 0)) : null;

        return $ends?->lt(now()->addDays(self::ENDS_SOON_DAYS)) ?? false
            ? ['certificate-ends', ['on' => $ends->format('Y-m-d')]]
            : null;
    }
}
