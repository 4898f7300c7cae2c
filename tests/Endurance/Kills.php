<?php

declare(strict_types=1);

namespace Tests\Endurance;

use PDO;
use RuntimeException;
use Tests\Load;

/** The application is killed in the middle of its work, again and again; all that it answered as kept must be there. */
final class Kills
{
    private readonly OwnPlace $place;

    private readonly int $port;

    /** @var ?resource */
    private $says = null;

    public function __construct(private readonly int $writers)
    {
        $this->place = new OwnPlace();
        $free = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('No port is free.');
        $this->port = (int) substr((string) strrchr((string) stream_socket_get_name($free, false), ':'), 1);
        fclose($free);
    }

    /** @return array{rounds: int, acknowledged: int, lost: list<float>, damaged: int} */
    public function rounds(int $rounds, int $seed): array
    {
        mt_srand($seed);
        $result = ['rounds' => 0, 'acknowledged' => 0, 'lost' => [], 'damaged' => 0];
        // In millimetres: a value is kept as it was typed.
        $load = new Load("http://127.0.0.1:{$this->port}", [1, 3, 8]);
        for ($round = 0; $round < $rounds; $round++) {
            $server = $this->serve();
            $after = 0.2 + mt_rand(0, 800) / 1000;
            $load->until(
                $this->writers,
                fn (float $since) => $since > $after,
                fn () => posix_kill(-proc_get_status($server)['pid'], SIGKILL),
            );
            proc_close($server);
            $book = new PDO("sqlite:{$this->place->database()}");
            $kept = $book->query("SELECT json_extract(document, '$.brief.rules.gap') FROM revisions");
            $lost = array_diff(
                array_map(floatval(...), $load->keptValues),
                array_map(floatval(...), $kept->fetchAll(PDO::FETCH_COLUMN)),
            );
            $result['lost'] = [...$result['lost'], ...$lost];
            $result['damaged'] += (int) ($book->query('PRAGMA quick_check')->fetchColumn() !== 'ok');
            $result['acknowledged'] = count($load->keptValues);
            $result['rounds']++;
        }

        return $result;
    }

    public function forget(): void
    {
        $this->place->forget();
    }

    /** @return resource in a group of its own, once it says that it listens */
    private function serve()
    {
        $root = dirname(__DIR__, 2);
        $fast = ['-d', 'opcache.enable_cli=1', '-d', "opcache.file_cache={$this->place->folder}"];
        $pages = "{$root}/vendor/laravel/framework/src/Illuminate/Foundation/resources/server.php";
        $process = proc_open(
            ['setsid', PHP_BINARY, ...$fast, '-S', "127.0.0.1:{$this->port}", $pages],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'a'], ['pipe', 'w']],
            $pipes,
            "{$root}/public",
            ['PHP_CLI_SERVER_WORKERS' => '3', ...$this->place->environment()],
        ) ?: throw new RuntimeException('It could not be started.');
        while (! str_contains((string) ($line = fgets($pipes[2])), 'started')) {
            $line !== false || throw new RuntimeException('It does not listen.');
        }
        // What it says from here on nobody reads; a round is too short to fill what holds it.
        $this->says = $pipes[2];

        return $process;
    }
}
