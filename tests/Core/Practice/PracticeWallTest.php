<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use Tests\Core\Support\Practice;
use YokeLine\Doorway\Obstacle;
use YokeLine\Measure\Unit;
use YokeLine\Practice\Level;
use YokeLine\Practice\PracticeWall;
use YokeLine\Setout;

test('a door can be hung on the walls of many seeds, and nothing speaks against it', function (Level $level) {
    foreach ([Unit::Millimetre, Unit::Inch] as $unit) {
        foreach (range(1, 12) as $seed) {
            $wall = Practice::wall($level, $seed, $unit);
            expect(PracticeWall::against(Setout::quick($wall->truth, Doorways::kits())))->toBe([], "seed {$seed}");
        }
    }
})->with('levels');

test('the same seed makes the same wall', function (Level $level) {
    $made = fn () => PracticeWall::of($level, 7, Unit::Millimetre, Doorways::kits())->truth->toJson();

    expect($made())->toBe($made());
})->with('levels');

test('no two of forty seeds make the same wall', function (Level $level) {
    $walls = array_map(fn (int $seed) => Practice::wall($level, $seed)->truth->toJson(), range(1, 40));

    expect(array_unique($walls))->toHaveCount(40);
})->with('levels');

test('each level has what its name says', function (Level $level, callable $has) {
    foreach (range(1, 20) as $seed) {
        expect($has(Practice::wall($level, $seed)))->toBeTrue("seed {$seed}");
    }
})->with([
    'a flat floor' => [
        Level::Flat,
        fn ($wall) => array_unique(array_column($wall->truth->get('survey.floor.readings'), 'level')) === ['0'],
    ],
    'a cable' => [Level::Cable, fn ($wall) => count($wall->plan->doorway->survey->hazards) === 1],
    'two leaves' => [Level::Bypass, fn ($wall) => count($wall->plan->layout->runs) === 2],
    'inches' => [Level::Inches, fn ($wall) => $wall->plan->doorway->units === Unit::Inch],
    'half a wall' => [
        Level::Half,
        fn ($wall) => count($wall->plan->doorway->survey->obstacles) === 1,
    ],
]);

test('some floor falls, where floors fall', function () {
    $falls = array_filter(
        range(1, 20),
        fn (int $seed) => ! Practice::wall(Level::Floor, $seed)->plan->floor->at(
            Practice::wall(Level::Floor, $seed)->plan->floor->lowSpot(),
        )->isZero(),
    );

    expect(count($falls))->toBeGreaterThan(15);
});

test('a tape is off by one step at the most, and now and then', function () {
    $off = [];
    foreach (range(1, 20) as $seed) {
        $wall = Practice::wall(Level::Floor, $seed);
        foreach ($wall->readings() as $place => $read) {
            $off[] = abs($read->toMm() - (float) $wall->truth->get($place));
        }
    }

    expect(max($off))->toBeLessThanOrEqual(1.0)
        ->and(array_sum($off) / count($off))->toBeGreaterThan(0.2)->toBeLessThan(0.6);
});

test('a reading that moves no number is not needed, one that does is', function () {
    $needed = Practice::wall()->needed(Doorways::kits());

    expect($needed)->toContain('survey.opening.left', 'survey.opening.height[0]', 'survey.wall.ceiling')
        ->not->toContain('survey.baseboard.height', 'survey.opening.casing.left');
});

test('what was not read is not in what is known', function () {
    $known = Practice::wall()->knownBy(['survey.opening.left', 'survey.opening.width[1]']);

    expect($known->at('survey.opening.left'))->not->toBeNull()
        ->and($known->at('survey.opening.width[1]'))->not->toBeNull()
        ->and($known->at('survey.opening.width[0]'))->toBeNull()
        ->and($known->at('survey.wall.to'))->toBeNull();
});

test('a scanner feels the studs that are there', function () {
    $wall = Practice::wall();
    [$rows] = $wall->swept();
    foreach ($wall->plan->doorway->survey->studs as $stud) {
        $near = array_filter($rows, fn (array $row) => abs($row[0] - $stud->x->toMm()) < 12);
        $beside = array_filter($rows, fn (array $row) => abs(abs($row[0] - $stud->x->toMm()) - 70) < 8);
        if ($near !== [] && $beside !== []) {
            expect(max(array_column($near, 1)))->toBeGreaterThan(min(array_column($beside, 1)) + 25);
        }
    }
});

test('a real doorway becomes a wall with nothing of whose it is', function () {
    $document = Doorways::document('kiln-room')
        ->with('house', (object) ['gap' => (object) ['from' => 'company', 'why' => 'for Mrs Kiln']])
        ->with('survey.site', 'Kiln Street')
        ->with('survey.obstacles', [
            (object) ['kind' => 'shelf', 'name' => 'Kiln shelf', 'x' => [3300, 3400], 'y' => [0, 300], 'projection' => 20],
        ]);
    $wall = PracticeWall::from($document, 3, Doorways::kits());

    expect($wall?->truth->toJson())->not->toContain('Kiln')->toContain('"shelf"');
});

test('a doorway that is not measured becomes no wall', function () {
    expect(PracticeWall::from(Doorways::document('kiln-room', ['survey.opening' => null]), 3, Doorways::kits()))
        ->toBeNull();
});

test('of the things on a wall one sees those whose both sides are read', function () {
    $thing = ['kind' => 'switch', 'y' => [1100, 1180], 'projection' => 10];
    $wall = PracticeWall::from(Doorways::document('kiln-room', ['survey.obstacles' => [
        [...$thing, 'name' => 'left', 'x' => [100, 180]], [...$thing, 'name' => 'right', 'x' => [3100, 3180]],
    ]]), 7, Doorways::kits());
    $sides = fn (int ...$of) => array_merge(
        ...array_map(fn (int $i) => ["survey.obstacles[{$i}].x[0]", "survey.obstacles[{$i}].x[1]"], $of),
    );
    $low = fn (array $read) => array_map(fn (Obstacle $one) => $one->x->low->toMm(), $wall->seenBy($read));
    $both = $low($sides(0, 1));

    expect($both)->toHaveCount(2)
        ->and($low($sides(1)))->toBe([$both[1]])
        ->and($low([...$sides(0), 'survey.obstacles[1].x[0]']))->toBe([$both[0]])
        ->and($low([]))->toBe([]);
});
