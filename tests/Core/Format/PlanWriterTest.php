<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Format\DoorwayReader;
use YokeLine\Format\PlanWriter;
use YokeLine\Measure\Message;

const BETWEEN_BUFFERS = [
    'brief.ends' => ['shut' => ['by' => 'wall-buffer'], 'open' => ['by' => 'wall-buffer']],
];

test('the buffers of a plan are written end by end, with what carries them', function (array $more, array $carriers) {
    $plan = Doorways::plan(changes: [...BETWEEN_BUFFERS, ...$more]);
    $common = ['leaf' => 'leaf', 'thickness' => 15, 'heights' => [150], 'packing' => 0];

    expect(PlanWriter::write($plan, [])['buffers'])->toEqual([
        [...$common, 'end' => 'shut', 'edge' => 857, 'carrier' => $carriers[0]],
        [...$common, 'end' => 'open', 'edge' => 2734, 'carrier' => $carriers[1]],
    ]);
})->with([
    'nothing stands where they would go' => [[], [null, null]],
    'a trim stands at the open end' => [
        [
            'survey.obstacles' => [
                ['name' => 'trim', 'kind' => 'trim', 'x' => [2749, 2800], 'y' => [0, 2400], 'projection' => 80],
            ],
        ],
        [null, 2749],
    ],
]);

test('what a plan finds is told by its key, or as whoever writes it says it', function (?callable $say, string $says) {
    $setout = Doorways::setout(changes: BETWEEN_BUFFERS);
    $written = PlanWriter::write($setout->plan, $setout->findings, $say);

    expect($written['findings'][0]['says'])->toBe($says);
})->with([
    'by its key' => [null, 'findings.buffer-far.says. findings.buffer-far.more'],
    'in words' => [
        fn (Message $message) => "<{$message->key}>",
        '<findings.buffer-far.says>. <findings.buffer-far.more>',
    ],
]);

test('a flag is read as a file has it and as a form sends it', function (mixed $written, bool $is) {
    $document = Doorways::document(changes: ['brief.rules.parked' => $written]);

    expect(DoorwayReader::read($document)->brief->rules->parked)->toBe($is);
})->with([
    'true' => [true, true], 'yes' => ['yes', true], 'false' => [false, false], 'no' => ['no', false],
    'nothing' => [null, false],
]);
