<?php

declare(strict_types=1);

use Illuminate\Support\Facades\File;

/* What `./yoke` does before it serves, asked of its parts in a folder of their own. */

beforeEach(function () {
    $this->folder = sys_get_temp_dir().'/yoke-serving-'.bin2hex(random_bytes(4));
    File::ensureDirectoryExists("{$this->folder}/checkout/database");
    File::copyDirectory(base_path('serving'), "{$this->folder}/checkout/serving");
    $this->shell = function (string $do): string {
        $with = 'set -euo pipefail; say() { printf "%s\n" "$*"; }; die() { say "$*"; exit 1; }; command=up;'.
            ' for part in set-up supervise alone firm; do . serving/$part.sh; done; ';
        $process = proc_open(
            ['bash', '-c', $with.$do],
            [1 => ['pipe', 'w'], 2 => ['redirect', 1]],
            $pipes,
            "{$this->folder}/checkout",
            ['PATH' => (string) getenv('PATH'), 'HOME' => $this->folder, 'YOKE_DATA' => "{$this->folder}/data"],
        );
        $said = (string) stream_get_contents($pipes[1]);
        $process === false || proc_close($process);

        return $said;
    };
});

afterEach(fn () => File::deleteDirectory($this->folder));

test('what an earlier version kept in the checkout is moved on the first start, with a word', function () {
    foreach (['', '-wal', '-shm'] as $end) {
        file_put_contents("{$this->folder}/checkout/database/yoke-line.sqlite{$end}", "entered{$end}");
    }
    File::ensureDirectoryExists("{$this->folder}/checkout/storage/app/photos/7");
    file_put_contents("{$this->folder}/checkout/storage/app/photos/7/one.jpg", 'a photograph');
    file_put_contents("{$this->folder}/checkout/.env", "APP_ENV=production\nAPP_KEY=base64:their-own\n");

    expect(($this->shell)('data_here; echo "$APP_KEY"'))
        ->toContain("{$this->folder}/data")
        ->toContain('base64:their-own')
        ->and(file_get_contents("{$this->folder}/data/yoke-line.sqlite"))
        ->toBe('entered')
        ->and(file_get_contents("{$this->folder}/data/yoke-line.sqlite-wal"))
        ->toBe('entered-wal')
        ->and(file_get_contents("{$this->folder}/data/photos/7/one.jpg"))
        ->toBe('a photograph')
        ->and(File::allFiles("{$this->folder}/checkout/database"))
        ->toBe([]);
});

test('what is there already is never moved over', function () {
    File::ensureDirectoryExists("{$this->folder}/data");
    file_put_contents("{$this->folder}/data/yoke-line.sqlite", 'entered since');
    file_put_contents("{$this->folder}/checkout/database/yoke-line.sqlite", 'entered long ago');
    ($this->shell)('data_here');

    expect(file_get_contents("{$this->folder}/data/yoke-line.sqlite"))
        ->toBe('entered since')
        ->and(file_get_contents("{$this->folder}/checkout/database/yoke-line.sqlite"))
        ->toBe('entered long ago');
});

test('a first start makes a key of its own, a second one keeps it, and nobody else reads the folder', function () {
    $first = ($this->shell)('data_here; echo "$APP_KEY"');

    expect(strlen((string) base64_decode(substr(trim($first), 7), true)))
        ->toBe(32)
        ->and(($this->shell)('data_here; echo "$APP_KEY"'))
        ->toBe($first)
        ->and(fileperms("{$this->folder}/data") & 0o777)
        ->toBe(0o700)
        ->and(fileperms("{$this->folder}/data/app.key") & 0o077)
        ->toBe(0);
});

test('a demo by itself touches nothing that was entered', function () {
    File::ensureDirectoryExists("{$this->folder}/data");
    file_put_contents("{$this->folder}/data/yoke-line.sqlite", 'entered');
    $said = ($this->shell)('fresh_demo; data_here; echo "$DB_DATABASE"');

    expect($said)->toContain('.yoke/demo/demo.sqlite')
        ->and(file_get_contents("{$this->folder}/data/yoke-line.sqlite"))->toBe('entered');
});

test('it is served under the names that were said, and no other', function () {
    $said = ($this->shell)(
        'data_here; name=Doors.Example,10.0.0.5 port=8443 plain_port=8444; write_settings; echo "$YOKE_SITES | $YOKE_HOSTS | $APP_URL | $YOKE_PLAIN_URL | $YOKE_TLS"',
    );

    expect(explode(' | ', trim($said)))->toBe([
        'https://doors.example:8443, https://10.0.0.5:8443, https://localhost:8443, https://127.0.0.1:8443',
        'doors.example,10.0.0.5,127.0.0.1,localhost',
        'https://doors.example:8443',
        'http://doors.example:8444',
        'tls internal',
    ]);
});

test('behind a proxy it listens to this machine alone, and believes it', function () {
    $said = ($this->shell)(
        'data_here; name=doors.example proxy=1 port=8443 plain_port=8444; write_settings; echo "$YOKE_SITES | $YOKE_BIND | $YOKE_PROXIES | $APP_URL | $YOKE_TLS"',
    );

    expect(explode(' | ', rtrim($said, "\n")))->toBe([
        'http://:8443',
        'bind 127.0.0.1',
        '127.0.0.1',
        'https://doors.example',
        '',
    ]);
});

test('a unit is written that starts it with what was said', function () {
    // Whoever is root writes it for the machine: not here.
    $said = ($this->shell)('data_here; id() { echo 1000; }; write_service --name doors.example');

    expect($said)->toContain('enable --now yoke-line')
        ->and((string) file_get_contents("{$this->folder}/.config/systemd/user/yoke-line.service"))
        ->toContain("ExecStart=\"{$this->folder}/checkout/yoke\" serve --name doors.example")
        ->toContain("YOKE_DATA={$this->folder}/data");
});
