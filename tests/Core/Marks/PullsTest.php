<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Marks\Heights;
use YokeLine\Marks\Hook;
use YokeLine\Marks\Proof;
use YokeLine\Marks\Pull;
use YokeLine\Marks\Pulls;
use YokeLine\Marks\Reading;
use YokeLine\Marks\StoryStrip;
use YokeLine\Marks\TapeMark;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;
use YokeLine\Tolerance\Clearance;

/** @return array<string, mixed> */
function workedMarks(string $name = 'marks'): array
{
    return json_decode((string) file_get_contents(__DIR__."/../Support/work/{$name}.json"), true);
}

function millimetres(float|int $mm): Length
{
    return Length::nm((int) round($mm * 1_000_000));
}

dataset('pulls', fn () => array_map(fn (array $case) => [$case], workedMarks()['cases']));

/** The throwing room was worked in inches; the demo has another one. */
function asWorked(string $doorway): string
{
    return $doorway === 'throwing-room' ? "in {$doorway}" : $doorway;
}

test('the pulls of a worked case come out: fewest hookings, least walk, every reading', function (array $case) {
    $plan = Doorways::plan(asWorked($case['doorway']));
    $hooks = array_values(
        array_filter(
            Pulls::hooks($plan, isset($case['in']['line']) ? millimetres($case['in']['line']) : null),
            fn (Hook $hook) => ! str_starts_with($hook->id, 'corner') ||
                in_array($hook->id === 'corner-l' ? 'left' : 'right', $case['in']['corners'], true),
        ),
    );
    $pulls = Pulls::of(Tapes::wall($plan), $hooks, millimetres($case['in']['tape']), $plan->doorway->step());
    $said = array_map(
        fn (Pull $pull) => [
            'hook' => $pull->hook->id,
            'at' => round($pull->hook->at->toMm(), 3),
            'carried' => $pull->hook->carried,
            'towards' => $pull->way === 1 ? 'right' : 'left',
            'readings' => array_map(
                fn (Reading $reading) => [
                    $reading->mark->id->value,
                    round($reading->reading->toMm(), 3),
                    round($reading->shown->toMm(), 4),
                ],
                $pull->readings,
            ),
        ],
        $pulls->pulls,
    );
    $wanted = array_map(
        fn (array $pull) => [
            ...$pull,
            'at' => round($pull['at'], 3),
            'readings' => array_map(
                fn (array $reading) => [$reading['mark'], round($reading['reading'], 3), round($reading['shown'], 4)],
                $pull['readings'],
            ),
        ],
        $case['out']['pulls'],
    );

    expect($said)
        ->toEqual($wanted)
        ->and($pulls->hookings())
        ->toBe($case['out']['cost']['hookings'])
        ->and($pulls->carriedHooks())
        ->toBe($case['out']['cost']['carried'])
        ->and($pulls->walk->toMm())
        ->toEqualWithDelta($case['out']['cost']['walk'], 0.001)
        ->and($pulls->naive['hookings'])
        ->toBe($case['out']['naive']['hookings']);
})->with('pulls');

test('a hook that was chosen stays', function () {
    $plan = Doorways::plan();
    $pulls = Pulls::of(Tapes::wall($plan), Pulls::hooks($plan), Length::mm(5000), $plan->doorway->step(), [
        'jamb-l right',
    ]);

    expect(array_map(fn (Pull $pull) => $pull->hook->pull($pull->way), $pulls->pulls))
        ->toContain('jamb-l right')
        ->toHaveCount(2);
});

test('heights are read from the floor at every place', function (string $doorway, int $i) {
    $worked = workedMarks()['heights'][$i]['out'];
    $places = Heights::of(Doorways::plan(asWorked($doorway)));
    $said = array_map(
        fn (Heights $place) => [
            $place->place,
            $place->x->toMm(),
            array_map(
                fn (Reading $reading) => [
                    $reading->mark->id->value,
                    round($reading->reading->toMm(), 3),
                    $reading->shown->toMm(),
                ],
                $place->readings,
            ),
        ],
        $places,
    );
    $wanted = array_map(
        fn (array $place) => [
            $place['place'],
            (float) $place['x'],
            array_map(
                fn (array $reading) => [$reading['mark'], round($reading['reading'], 3), (float) $reading['shown']],
                $place['readings'],
            ),
        ],
        $worked['places'],
    );

    expect($said)
        ->toEqual($wanted)
        ->and(Heights::highSpot(Doorways::plan(asWorked($doorway)))->toMm())
        ->toBe((float) $worked['high_spot']);
})->with([['kiln-room', 0], ['map-archive', 1]]);

test('the other tapes come out: board, rail, floor and leaf', function () {
    $plan = Doorways::plan();
    $worked = workedMarks()['other_tapes'];
    $said = fn (array $marks) => array_map(
        fn (TapeMark $mark) => [$mark->id->value, round($mark->place->toMm(), 3)],
        array_values(array_filter($marks, fn (TapeMark $mark) => ! str_starts_with($mark->id->value, 'trigger'))),
    );
    $wanted = fn (array $rows) => array_map(fn (array $row) => [$row['mark'], round($row['reading'], 3)], $rows);
    $guide = Tapes::floor($plan)[0];

    expect($said(Tapes::board($plan)))
        ->toEqual($wanted($worked['board_from_left_end']))
        ->and($said(Tapes::rail($plan)))
        ->toEqual($wanted($worked['rail_from_left_end']))
        ->and($said(Tapes::acrossAll($plan)))
        ->toEqual($wanted($worked['leaf']['across_from_leading']))
        ->and($said(Tapes::down($plan)))
        ->toEqual($wanted($worked['leaf']['down_from_top']))
        ->and($said(Tapes::up($plan)))
        ->toEqual($wanted($worked['leaf']['up_from_foot']))
        ->and($guide->place->minus($plan->room->opening->span()->high)->toMm())
        ->toBe(26.5)
        ->and($guide->spare?->toMm())
        ->toBe(2.5);
});

test('a laser, the story strip and the gauge block come out', function () {
    $plan = Doorways::plan();
    $worked = workedMarks();
    $strip = StoryStrip::of($plan);

    expect(Heights::laser($plan, Length::mm(900), Length::mm(1202))->toMm())
        ->toBe(1200.0)
        ->and($strip->zero->toMm())
        ->toBe(670.5)
        ->and($strip->length->toMm())
        ->toBe(2250.0)
        ->and(array_map(fn (TapeMark $mark) => [$mark->id->value, $mark->place->toMm()], $strip->marks))
        ->toEqual(
            array_map(fn (array $row) => [$row['mark'], (float) $row['at']], $worked['story_strip']['out']['marks']),
        )
        ->and(['A4' => $strip->tiles('A4'), 'Letter' => $strip->tiles('Letter')])
        ->toBe($worked['story_strip']['out']['tiles']);
    foreach ($worked['gauge_block'] as $doorway => $long) {
        expect(Proof::blockLength(Doorways::plan(asWorked($doorway)))->toMm())->toBe((float) $long);
    }
});

test('a proof of the line says what to expect and what a reading means', function (array $case) {
    $plan = Doorways::plan();
    $proof = match ($case['method']) {
        'packing' => Proof::packing($plan, millimetres($case['x']), millimetres($case['packing'])),
        'laid-out' => Proof::laidOut($plan),
        'casing' => Proof::casing($plan, millimetres($case['x'])),
        'gauge-block' => Proof::gaugeBlock($plan, millimetres($case['x'])),
    };
    $read = millimetres($case['read']);

    expect($proof->expected->toMm())
        ->toEqualWithDelta($case['expect'], 1e-6)
        ->and($proof->tooHigh($read)->toMm())
        ->toEqualWithDelta($case['line_too_high_by'], 1e-6)
        ->and($proof->sure)
        ->toEqualWithDelta($case['u'], 1e-6)
        ->and($proof->verdict($read))
        ->toBe(strtr($case['verdict'], ' ', '-'));
})->with(fn () => array_map(fn (array $case) => [$case], workedMarks('proofs')['cases']));

test('how sure a proof is follows the plus-minus that the doorway has', function () {
    $usual = Doorways::plan();
    $fine = Doorways::plan(
        changes: [
            'marking.plus_minus' => [
                'tape' => '0.5',
                'level' => '0.3',
                'leaf' => '0.5',
                'hole' => '0.5',
                'kit' => '0.2',
            ],
        ],
    );
    $at = Heights::highSpot($usual);

    expect(Proof::packing($usual, $at, Length::zero())->sure)
        ->toEqualWithDelta(sqrt(1 + 1 + 2.25 + 0.25 + 1), 1e-9)
        ->and(Proof::packing($fine, $at, Length::zero())->sure)
        ->toEqualWithDelta(sqrt(0.25 + 0.09 + 0.25 + 0.04 + 0.25), 1e-9)
        ->and(Proof::casing($fine, $at)->sure)
        ->toEqualWithDelta(sqrt(0.75 + 0.09), 1e-9);
});

test(
    'one height alone counts at both jambs: for the head, for the template on the casing and for how sure it is',
    function () {
        $changes = [
            'survey.opening.height' => [2050],
            'survey.floor.readings' => [
                ['x' => 905, 'level' => 0],
                ['x' => 1769, 'level' => 6],
                ['x' => 2700, 'level' => 6],
            ],
        ];
        $plan = Doorways::plan(changes: $changes);
        // The head rises with the floor it was measured from: 6 higher at the right jamb.
        $template = fn (int $x) => Proof::casing($plan, Length::mm($x))->expected->toMm();
        $rows = array_map(fn ($row) => $row->name, Clearance::of($plan, $plan->doorway->marking->plusMinus));

        expect($plan->heights->head->total->toMm())
            ->toBe(2050.0)
            ->and($template(905) - $template(1769))
            ->toEqualWithDelta(6.0, 1e-9)
            ->and($rows)
            ->toContain('head-cover@905', 'head-cover@1769');
    },
);

test('in inches a story strip leaves an inch of a sheet free and laps by a half', function () {
    $strip = StoryStrip::of(Doorways::plan('in throwing-room'));
    $inches = new LengthWriter(Unit::Inch);

    expect($inches->exact($strip->usable('Letter')))
        ->toBe('10')
        ->and($inches->exact($strip->usable('A4')))
        ->toBe('10 11/16')
        ->and($inches->exact($strip->lap()))
        ->toBe('1/2');
});
