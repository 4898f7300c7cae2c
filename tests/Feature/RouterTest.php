<?php

declare(strict_types=1);

/* What ./yoke up sends of public/: asked of a server of its own. */

beforeAll(function () {
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    $GLOBALS['router_at'] = stream_socket_get_name($socket, false);
    fclose($socket);
    $GLOBALS['router'] = proc_open(
        ['php', '-S', $GLOBALS['router_at'], dirname(__DIR__, 2).'/serving/router.php'],
        [1 => ['file', '/dev/null', 'w'], 2 => ['pipe', 'w']],
        $pipes,
        dirname(__DIR__, 2).'/public',
    );
    // Its first words are that it has started.
    fgets($pipes[2]);
    $GLOBALS['router_says'] = $pipes[2];
});

afterAll(function () {
    proc_terminate($GLOBALS['router'], 9);
    proc_close($GLOBALS['router']);
});

/**
 * @param  array<string, string>  $headers
 * @return array{int, array<string, string>, string} status, headers by their small names, what was sent
 */
function sentAt(string $path, array $headers = [], string $method = 'GET'): array
{
    $lines = array_map(fn (string $name, string $value) => "{$name}: {$value}", array_keys($headers), $headers);
    $body = (string) file_get_contents("http://{$GLOBALS['router_at']}{$path}", false, stream_context_create([
        'http' => ['method' => $method, 'header' => $lines, 'ignore_errors' => true],
    ]));
    $told = [];
    foreach (array_slice($http_response_header, 1) as $line) {
        [$name, $value] = [...explode(': ', $line, 2), ''];
        $told[strtolower($name)] = $value;
    }

    return [(int) explode(' ', $http_response_header[0])[1], $told, $body];
}

/** The built file of that kind, as a page names it. */
function builtFile(string $end): string
{
    return '/build/assets/'.basename((glob(public_path("build/assets/app-*.{$end}")) ?: [''])[0]);
}

test('styles and scripts come packed to whoever takes it, and are what they are', function (string $end, string $encoding) {
    [$status, $told, $sent] = sentAt(builtFile($end), ['Accept-Encoding' => $encoding]);
    $plain = (string) file_get_contents(public_path(builtFile($end)));

    expect($status)->toBe(200)
        ->and($told['content-encoding'])->toBe($encoding)
        ->and(strlen($sent))->toBeLessThan(strlen($plain) / 2)
        ->and($encoding === 'gzip' ? gzdecode($sent) : $plain)->toBe($plain);
})->with([['js', 'gzip'], ['css', 'gzip'], ['js', 'br'], ['css', 'br']]);

test('who takes nothing packed gets it plain', function () {
    [, $told, $sent] = sentAt(builtFile('css'));

    expect($told)->not->toHaveKey('content-encoding')
        ->and($sent)->toBe(file_get_contents(public_path(builtFile('css'))));
});

test('what has its content in its name is kept for good', function () {
    expect(sentAt(builtFile('js'))[1]['cache-control'])->toContain('immutable');
});

test('what keeps its name is asked for again, and not sent twice', function () {
    [$status, $told] = sentAt('/site-worker.js');
    [$again, , $sent] = sentAt('/site-worker.js', ['If-None-Match' => $told['etag']]);

    expect([$status, $again, $sent, $told['cache-control']])->toBe([200, 304, '', 'no-cache']);
});

test('a changed file has another mark', function () {
    [, $told] = sentAt('/site-worker.js', ['If-None-Match' => '"of-yesterday"']);

    expect($told['etag'])->not->toBe('"of-yesterday"');
});

test('nothing outside of what is public is sent', function (string $path) {
    expect(sentAt($path)[2])->not->toContain('APP_KEY')->not->toContain('declare(strict_types');
})->with(['/../.env', '/%2e%2e/.env.example', '/index.php', '/../composer.json', '/.htaccess', '/build/../../package.json']);

test('a request for its headers alone gets no body', function () {
    [$status, $told, $sent] = sentAt('/mark.svg', method: 'HEAD');

    expect([$status, $sent])->toBe([200, ''])->and((int) $told['content-length'])->toBeGreaterThan(0);
});
