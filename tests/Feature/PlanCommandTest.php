<?php

declare(strict_types=1);

/** Runs the command as one types it. @return array{int, string, string} exit code, output, error output */
function yokePlan(string ...$arguments): array
{
    $process = proc_open(
        [PHP_BINARY, base_path('artisan'), 'yoke:plan', ...$arguments],
        [1 => ['pipe', 'w'], 2 => ['pipe', 'w']],
        $pipes,
    );
    $said = [stream_get_contents($pipes[1]), stream_get_contents($pipes[2])];

    return [proc_close($process), ...$said];
}

/** A file with this in it. */
function fileWith(string $content): string
{
    $path = tempnam(sys_get_temp_dir(), 'doorway');
    file_put_contents($path, $content);

    return $path;
}

test('the plan of a file comes out as the open format has it', function () {
    [$exit, $out, $error] = yokePlan(database_path('demo/kiln-room.json'), '--json');
    $plan = json_decode($out, true);

    expect([$exit, $error])
        ->toBe([0, ''])
        ->and($plan['yoke_line'])
        ->toBe(2191.0)
        ->and($plan['head_y'])
        ->toBe(2051.011494)
        ->and(array_column($plan['findings'], 'code'))
        ->toContain('floor-falls')
        ->and($plan['findings'][0])
        ->toHaveKeys(['code', 'severity', 'says', 'where', 'numbers', 'cures']);
});

test('for people it is a table, with verdict and findings', function () {
    [$exit, $out] = yokePlan(database_path('demo/packing-loft.json'));

    expect($exit)
        ->toBe(0)
        ->and($out)
        ->toContain('Packing loft: Won’t work as drawn.')
        ->toContain('Rail line')
        ->toContain('headroom')
        ->toContain('cure:');
});

test('kits come from a file where one is given', function () {
    $kits = fileWith(
        str_replace('"rise": 41', '"rise": 51', (string) file_get_contents(resource_path('kits/kits.json'))),
    );
    [$exit, $out] = yokePlan(database_path('demo/kiln-room.json'), "--kits={$kits}", '--json');

    expect($exit)->toBe(0)->and(json_decode($out, true)['top_gap'])->toBe(31.0);
});

test('what cannot be read ends with 2 and the place, never with a trace', function (string $content, string $says) {
    [$exit, $out, $error] = yokePlan(fileWith($content), '--json');

    expect([$exit, $out])
        ->toBe([2, ''])
        ->and($error)
        ->toContain($says)
        ->not->toContain('#0')
        ->not->toContain('.php');
})->with([
    'no JSON' => ['{nope', 'not a JSON file'],
    'a list' => ['[]', 'one JSON object'],
    'nothing' => ['', 'not a JSON file'],
    'another format' => ['{"format":"x","version":1}', 'format:'],
    'an unknown version' => ['{"format":"yoke-line/doorway","version":9}', 'version:'],
    'a wrong kind' => [
        '{"format":"yoke-line/doorway","version":1,"survey":{"studs":[{"x":true}]}}',
        'survey.studs[0].x:',
    ],
    'no length' => ['{"format":"yoke-line/doorway","version":1,"survey":{"wall":{"to":"far"}}}', 'survey.wall.to:'],
    'deep nonsense' => [str_repeat('{"a":', 200).'1'.str_repeat('}', 200), 'not a JSON file'],
]);

test('a half-measured file ends with 2 and what to measure', function () {
    [$exit, , $error] = yokePlan(database_path('demo/wedging-room.json'));

    expect($exit)->toBe(2)->and($error)->toContain('survey.wall.ceiling')->toContain('measure');
});

test('a file that is not there ends with 2', function () {
    expect(yokePlan('/nowhere/at-all.json')[0])
        ->toBe(2)
        ->and(yokePlan(database_path('demo/kiln-room.json'), '--kits=/nowhere.json')[0])
        ->toBe(2);
});

test('unreadable kits name their place', function () {
    [$exit, , $error] = yokePlan(
        database_path('demo/kiln-room.json'),
        '--kits='.
            fileWith(
                str_replace(
                    '"rise": 34',
                    '"rise": "tall"',
                    (string) file_get_contents(resource_path('kits/kits.json')),
                ),
            ),
    );

    expect($exit)->toBe(2)->and($error)->toContain('kits[1].rise');
});
