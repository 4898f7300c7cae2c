<?php

declare(strict_types=1);

namespace Tests\Endurance;

use PDO;
use PDOException;
use Random\Engine\Mt19937;
use Random\Randomizer;
use SplFileObject;

/**
 * What is left on a disk when the power goes: every write that was not yet told to be on it may be there, not be there,
 * or be there in part. Changes are made by the application itself while its system calls are written down; then disks
 * are made of them as they could have been left at any moment.
 */
final class PowerCuts
{
    private const SECTOR = 512;

    /** @var list<array{kind: string, file: string, at: int, bytes: string}> */
    private array $calls = [];

    /** @var array<string, string> files as they were before */
    private array $before = [];

    private function __construct(private readonly OwnPlace $place, private readonly string $folder) {}

    /** Makes so many changes of a doorway, and writes down what the system was told meanwhile. */
    public static function record(int $changes): self
    {
        $place = new OwnPlace();
        $folder = $place->folder;
        $cuts = new self($place, $folder);
        // All of it in one file, as after a quiet night.
        (new PDO("sqlite:{$folder}/yoke.sqlite"))->exec('PRAGMA wal_checkpoint(TRUNCATE)');
        foreach (['yoke.sqlite', 'yoke.sqlite-wal'] as $name) {
            $cuts->before[$name] = is_file("{$folder}/{$name}") ? (string) file_get_contents("{$folder}/{$name}") : '';
        }
        $place->run([
            ...['strace', '-f', '-y', '-xx', '-s', '20000000', '-o', "{$folder}/calls"],
            ...['-e', 'trace=pwrite64,write,fsync,fdatasync,ftruncate'],
            ...[PHP_BINARY, __DIR__.'/changes.php', (string) $changes],
        ]);
        $cuts->read("{$folder}/calls");

        return $cuts;
    }

    /**
     * Disks as they could have been left at random moments.
     *
     * @return array{cuts: int, acknowledged: int, lost: list<string>, damaged: int}
     */
    public function cut(int $times, int $seed): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $result = ['cuts' => 0, 'acknowledged' => 0, 'lost' => [], 'damaged' => 0];
        for ($n = 0; $n < $times; $n++) {
            $at = $random->getInt(1, count($this->calls));
            $acknowledged = $this->leaveAt($at, $random);
            try {
                $book = new PDO("sqlite:{$this->folder}/cut.sqlite");
                $result['damaged'] += (int) ($book->query('PRAGMA integrity_check')->fetchColumn() !== 'ok');
                $kept = $book->query("SELECT json_extract(document, '$.brief.rules.gap') FROM revisions");
                $lost = array_diff($acknowledged, array_map(strval(...), $kept->fetchAll(PDO::FETCH_COLUMN)));
                $result['lost'] = [...$result['lost'], ...$lost];
            } catch (PDOException) {
                $result['damaged']++;
            }
            $result['acknowledged'] += count($acknowledged);
            $result['cuts']++;
            // Nobody holds this disk when the next one is laid in its place.
            unset($book, $kept);
        }

        return $result;
    }

    public function calls(string $kind): int
    {
        return count(array_filter($this->calls, fn (array $call) => $call['kind'] === $kind));
    }

    public function forget(): void
    {
        $this->place->forget();
    }

    /** @return list<string> what had been answered as kept by then */
    private function leaveAt(int $at, Randomizer $random): array
    {
        $synced = [];
        foreach (array_slice($this->calls, 0, $at, true) as $i => $call) {
            $call['kind'] !== 'sync' || ($synced[$call['file']] = $i);
        }
        $disk = $this->before;
        $acknowledged = [];
        foreach (array_slice($this->calls, 0, $at, true) as $i => $call) {
            $isSure = $i <= ($synced[$call['file']] ?? -1);
            match ($call['kind']) {
                'acknowledge' => $acknowledged[] = $call['bytes'],
                'write' => $disk[$call['file']] = $this->written($disk[$call['file']] ?? '', $call, $isSure, $random),
                'cut' => $isSure || $random->getInt(0, 1) === 1
                    ? ($disk[$call['file']] = substr(str_pad($disk[$call['file']] ?? '', $call['at'], "\0"), 0, $call['at']))
                    : null,
                default => null,
            };
        }
        foreach (['yoke.sqlite' => 'cut.sqlite', 'yoke.sqlite-wal' => 'cut.sqlite-wal'] as $name => $left) {
            file_put_contents("{$this->folder}/{$left}", $disk[$name] ?? '');
        }
        @unlink("{$this->folder}/cut.sqlite-shm");

        return $acknowledged;
    }

    /** @param  array{kind: string, file: string, at: int, bytes: string}  $call */
    private function written(string $is, array $call, bool $isSure, Randomizer $random): string
    {
        $is = str_pad($is, $call['at'] + strlen($call['bytes']), "\0");
        foreach (str_split($call['bytes'], self::SECTOR) as $i => $sector) {
            // What is not told to be on the disk is there sector by sector, or not.
            if ($isSure || $random->getInt(0, 1) === 1) {
                $is = substr_replace($is, $sector, $call['at'] + $i * self::SECTOR, strlen($sector));
            }
        }

        return $is;
    }

    private function read(string $file): void
    {
        foreach (new SplFileObject($file) as $line) {
            $line = is_string($line) ? $line : '';
            if (preg_match('/^\d+ +(\w+)\(\d+<([^>]*)>(?:, "([^"]*)", \d+(?:, (\d+))?)?(?:, (\d+))?\) += \d+/', $line, $of) !== 1) {
                continue;
            }
            $name = basename((string) hex2bin(str_replace('\x', '', $of[2])) ?: $of[2]);
            $bytes = (string) hex2bin(str_replace('\x', '', $of[3] ?? ''));
            if ($of[1] === 'write') {
                preg_match('/^kept (\S+)$/m', $bytes, $says) === 1 &&
                    ($this->calls[] = ['kind' => 'acknowledge', 'file' => '', 'at' => 0, 'bytes' => $says[1]]);
            } elseif (isset($this->before[$name])) {
                $this->calls[] = match ($of[1]) {
                    'pwrite64' => ['kind' => 'write', 'file' => $name, 'at' => (int) $of[4], 'bytes' => $bytes],
                    'ftruncate' => ['kind' => 'cut', 'file' => $name, 'at' => (int) ($of[5] ?? 0), 'bytes' => ''],
                    default => ['kind' => 'sync', 'file' => $name, 'at' => 0, 'bytes' => ''],
                };
            }
        }
    }
}
