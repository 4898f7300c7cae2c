<?php

declare(strict_types=1);

namespace Tests\Endurance;

use RuntimeException;

/** An application with a folder and data of its own. */
final readonly class OwnPlace
{
    public string $folder;

    public function __construct()
    {
        $this->folder = sys_get_temp_dir().'/yoke-endures-'.bin2hex(random_bytes(4));
        mkdir($this->folder);
        touch($this->database());
        touch("{$this->folder}/sessions.sqlite");
        $this->run([PHP_BINARY, dirname(__DIR__, 2).'/artisan', 'migrate', '--force', '--quiet']);
        $this->run([PHP_BINARY, dirname(__DIR__, 2).'/artisan', 'yoke:demo']);
    }

    public function database(): string
    {
        return "{$this->folder}/yoke.sqlite";
    }

    /** @param  list<string>  $command */
    public function run(array $command): void
    {
        $said = ['file', "{$this->folder}/said", 'a'];
        $process = proc_open($command, [1 => $said, 2 => $said], $pipes, null, $this->environment());
        $process !== false && proc_close($process) === 0 ||
            throw new RuntimeException((string) file_get_contents("{$this->folder}/said"));
    }

    /** @return array<string, string> */
    public function environment(): array
    {
        return [
            'DB_DATABASE' => $this->database(),
            'SESSIONS_DATABASE' => "{$this->folder}/sessions.sqlite",
            'PHOTOS_FOLDER' => "{$this->folder}/photos",
            'APP_KEY' => 'base64:AAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAAA=',
            'PATH' => (string) getenv('PATH'),
            'HOME' => $this->folder,
        ];
    }

    public function forget(): void
    {
        exec('rm -rf '.escapeshellarg($this->folder));
    }
}
