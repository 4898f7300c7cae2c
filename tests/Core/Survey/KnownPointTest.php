<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Format\DoorwayReader;
use YokeLine\Survey\KnownPoint;

/** @return array<string, array{float, float}> the corners of a wall in mm, by name */
function cornersOf(array $changes): array
{
    $level = ['survey.floor.readings' => []];
    $survey = DoorwayReader::read(Doorways::document('kiln-room', [...$level, ...$changes]))->survey;

    return array_map(fn (KnownPoint $at) => [$at->x->toMm(), $at->y->toMm()], KnownPoint::of($survey));
}

const BARE_OPENING = ['survey.opening' => ['left' => 900, 'width' => [800], 'height' => [2000, 2010]]];

test('an opening without casing has four corners, each head at its own jamb’s height', function () {
    $corners = cornersOf([...BARE_OPENING, 'survey.wall.from' => null, 'survey.wall.to' => null]);

    expect($corners)->toBe([
        'opening-left-floor' => [900.0, 0.0],
        'opening-left-head' => [900.0, 2000.0],
        'opening-right-head' => [1700.0, 2010.0],
        'opening-right-floor' => [1700.0, 0.0],
    ]);
});

test('casing over the head has corners of its own, outside the opening’s', function () {
    $casing = ['left' => 60, 'right' => 70, 'head' => 80, 'thickness' => 18];
    $corners = cornersOf(['survey.opening' => [...BARE_OPENING['survey.opening'], 'casing' => $casing]]);

    expect($corners['casing-left-head'])->toBe([840.0, 2080.0])
        ->and($corners['casing-right-head'])->toBe([1770.0, 2090.0]);
});

test('a wall’s end is a corner at the floor, and at the ceiling where that was measured', function () {
    $ends = ['survey.wall.from' => 0, 'survey.wall.to' => 3640];
    $with = cornersOf([...BARE_OPENING, ...$ends, 'survey.wall.ceiling' => 2655]);
    $without = cornersOf([...BARE_OPENING, ...$ends, 'survey.wall.ceiling' => null]);

    expect($with['wall-right-ceiling'])->toBe([3640.0, 2655.0])
        ->and($with['wall-left-floor'])->toBe([0.0, 0.0])
        ->and($without)->not->toHaveKey('wall-right-ceiling')->toHaveKey('wall-right-floor');
});

test('an opening of which no height was measured has no corners', function () {
    $corners = cornersOf(['survey.opening' => ['left' => 900, 'width' => [800]]]);

    expect(array_filter(array_keys($corners), fn (string $key) => str_starts_with($key, 'opening')))->toBe([]);
});

test('corners stand on the floor as it falls', function () {
    $fall = ['survey.floor.readings' => [['x' => 900, 'level' => 0], ['x' => 1700, 'level' => -8]]];
    $corners = cornersOf([...BARE_OPENING, ...$fall]);

    expect($corners['opening-left-floor'][1] - $corners['opening-right-floor'][1])->toEqual(8.0)
        ->and($corners['opening-right-head'][1] - $corners['opening-right-floor'][1])->toEqual(2010.0);
});
