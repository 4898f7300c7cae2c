<?php

declare(strict_types=1);

namespace Tests\Endurance;

use PDO;
use RuntimeException;
use Tests\Load;

/** The application is killed in the middle of its work, again and again; all that it answered as kept must be there. */
final class Kills
{
    private readonly string $folder;

    private readonly int $port;

    public function __construct(private readonly int $writers)
    {
        $this->folder = sys_get_temp_dir().'/yoke-kills-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        touch("{$this->folder}/yoke.sqlite");
        touch("{$this->folder}/sessions.sqlite");
        $free = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $this->port = (int) substr((string) strrchr((string) stream_socket_get_name($free, false), ':'), 1);
        fclose($free);
        $this->artisan('migrate', '--force', '--quiet');
        $this->artisan('yoke:demo');
    }

    /** @return array{rounds: int, acknowledged: int, lost: list<string>, damaged: int} */
    public function rounds(int $rounds, int $seed): array
    {
        mt_srand($seed);
        $result = ['rounds' => 0, 'acknowledged' => 0, 'lost' => [], 'damaged' => 0];
        // In millimetres: a value is kept as it was typed.
        $load = new Load("http://127.0.0.1:{$this->port}", [1, 3, 8]);
        for ($round = 0; $round < $rounds; $round++) {
            $server = $this->serve();
            $after = 0.2 + mt_rand(0, 800) / 1000;
            $load->until($this->writers, fn (float $since) => $since > $after, function () use ($server): void {
                posix_kill(-$server['pid'], SIGKILL);
            });
            proc_close($server['process']);
            $book = new PDO("sqlite:{$this->folder}/yoke.sqlite");
            $result['damaged'] += (int) ($book->query('PRAGMA quick_check')->fetchColumn() !== 'ok');
            $kept = $book->query("SELECT json_extract(document, '$.brief.rules.gap') FROM revisions")
                ->fetchAll(PDO::FETCH_COLUMN);
            $result['lost'] = [
                ...$result['lost'],
                ...array_diff(array_map(floatval(...), $load->keptValues), array_map(floatval(...), $kept)),
            ];
            $result['acknowledged'] = count($load->keptValues);
            $result['rounds']++;
        }

        return $result;
    }

    public function forget(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
    }

    /** @return array{process: resource, pid: int} */
    private function serve(): array
    {
        $root = dirname(__DIR__, 2);
        $process = proc_open(
            [
                'setsid', PHP_BINARY, '-d', 'opcache.enable_cli=1', '-d', 'opcache.file_cache='.$this->folder, '-S', "127.0.0.1:{$this->port}",
                "{$root}/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php",
            ],
            [['file', '/dev/null', 'r'], ['file', "{$this->folder}/said", 'a'], ['file', "{$this->folder}/said", 'a']],
            $pipes,
            "{$root}/public",
            ['PHP_CLI_SERVER_WORKERS' => '3', ...$this->environment()],
        ) ?: throw new RuntimeException('It could not be started.');
        $ends = microtime(true) + 10;
        while (($heard = @stream_socket_client("tcp://127.0.0.1:{$this->port}", $code, $why, 0.2)) === false) {
            microtime(true) < $ends || throw new RuntimeException('It does not answer.');
            usleep(10_000);
        }
        fclose($heard);

        return ['process' => $process, 'pid' => proc_get_status($process)['pid']];
    }

    private function artisan(string ...$arguments): void
    {
        $process = proc_open(
            [PHP_BINARY, dirname(__DIR__, 2).'/artisan', ...$arguments],
            [1 => ['file', "{$this->folder}/said", 'a'], 2 => ['file', "{$this->folder}/said", 'a']],
            $pipes,
            null,
            $this->environment(),
        );
        $process !== false && proc_close($process) === 0 ||
            throw new RuntimeException((string) file_get_contents("{$this->folder}/said"));
    }

    /** @return array<string, string> */
    private function environment(): array
    {
        return [
            'DB_DATABASE' => "{$this->folder}/yoke.sqlite",
            'SESSIONS_DATABASE' => "{$this->folder}/sessions.sqlite",
            'PHOTOS_FOLDER' => "{$this->folder}/photos",
            'APP_KEY' => 'base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=',
            'PATH' => (string) getenv('PATH'),
            'HOME' => $this->folder,
        ];
    }
}
