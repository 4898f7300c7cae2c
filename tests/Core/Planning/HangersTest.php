<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Format\Document;
use YokeLine\Format\DoorwayReader;
use YokeLine\Format\PlanWriter;
use YokeLine\Holding\Anchoring;
use YokeLine\Holding\Fixing;
use YokeLine\Inspection\FindingCode;
use YokeLine\Marks\Drilling;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Planner\Planner;
use YokeLine\Planning\Plan;
use YokeLine\Stock\Materials;
use YokeLine\Work\BoxCheck;

/** The engine hall: a glazed leaf of 1372 by 2197 that weighs 66.5 kg, on a rail held at ten places. */
function engineHall(): array
{
    return (array) json_decode((string) file_get_contents(__DIR__.'/../Support/hangers/engine-hall.json'), true);
}

function ofMass(float $kg, array $changes = [], array $kit = []): Plan
{
    return Doorways::plan('kiln-room', [
        'brief.leaf.mass_kg' => $kg,
        ...$changes,
    ], Doorways::kit('flat-40-strap', $kit));
}

test('a leaf hangs by as many as its width asks', function (string $units, int|string $width, int $count) {
    $plan = Doorways::plan($units === 'mm' ? 'kiln-room' : 'glaze-store', [
        'brief.leaf.width' => $width,
        'brief.leaf.mass_kg' => 30,
    ]);

    expect($plan->hangers()->count)->toBe($count);
})->with([
    ['mm', 1200, 2],
    ['mm', 1201, 3],
    ['mm', 1800, 3],
    ['mm', 1801, 4],
    ['in', '48', 2],
    ['in', '48 1/16', 3],
    ['in', '72', 3],
    ['in', '72 1/16', 4],
]);

test('a leaf hangs by as many as its mass asks of one wheel', function (float $kg, int $count) {
    $plan = ofMass($kg, ['brief.leaf.hardware_kg' => 0], ['wheels' => null, 'wheel' => (object) ['capacity_kg' => 20]]);

    expect($plan->hangers()->count)->toBe($count);
})->with([[40.0, 2], [40.1, 3], [60.0, 3], [60.1, 4], [200.0, 4]]);

test('where the wheel is silent it may carry half of what the kit may and what is screwed to the leaf', function () {
    // 80 kg and 3 kg, on two wheels.
    $count = fn (float $kg) => ofMass($kg, [], ['wheels' => null, 'wheel' => null, 'capacity_kg' => 80])
        ->hangers()
        ->count;

    expect($count(80.0))->toBe(2)->and($count(80.1))->toBe(3);
});

test('what is said wins over what is asked, and no fewer hang it than the box holds', function () {
    expect(ofMass(30, ['brief.rules.hangers' => 4])->hangers()->count)
        ->toBe(4)
        ->and(ofMass(30, [], ['hangers' => 3])->hangers()->count)
        ->toBe(3)
        ->and(ofMass(30, ['brief.rules.hangers' => '2'], ['hangers' => 3])->hangers()->count)
        ->toBe(2);
});

test('the outer hangers stand an inset from the edges, the others even between', function () {
    $at = ofMass(30, ['brief.leaf.width' => 1000, 'brief.rules.hangers' => 4, 'brief.rules.hanger_inset' => 50])
        ->hangers()->at;

    expect(array_map(fn (Length $x) => $x->toMm(), $at))->toBe([50.0, 350.0, 650.0, 950.0]);
});

test('each case of three or four hangers carries the whole leaf', function (int $count) {
    foreach (ofMass(30, ['brief.rules.hangers' => $count])->hangers()->cases() as $case) {
        expect(array_sum($case))->toBe(1.0)->and($case)->toHaveCount($count);
    }
})->with([2, 3, 4]);

test('each fixing takes the worst of the cases: the engine hall as it was worked by hand', function () {
    $hall = engineHall();
    $doorway = DoorwayReader::read(Document::fromJson((string) json_encode($hall['document'])));
    $plan = Planner::plan($doorway, Doorways::kits()[$doorway->brief->kit]);
    $rail = array_map(
        fn (Fixing $fixing) => [$fixing->x->toMm(), $fixing->load->reaction->max, $fixing->load->reaction->min],
        Anchoring::of($plan)->railBolts(),
    );

    expect($plan->hangers()->count)->toBe($hall['hangers']['count'])->and(count($rail))->toBe(10);
    foreach ($hall['hangers']['reactions'] as $i => $wanted) {
        expect($rail[$i][0])
            ->toEqualWithDelta($wanted['x'], 0.001)
            ->and($rail[$i][1])
            ->toEqualWithDelta($wanted['max'], 0.001)
            ->and($rail[$i][2])
            ->toEqualWithDelta($wanted['min'], 0.001);
    }
});

test('the plan in its file says how it hangs', function () {
    $hall = engineHall();
    $doorway = DoorwayReader::read(Document::fromJson((string) json_encode($hall['document'])));
    $hanging = PlanWriter::write(Planner::plan($doorway, Doorways::kits()[$doorway->brief->kit]), [])['hanging'];

    expect($hanging['at'])
        ->toBe($hall['hangers']['at'])
        ->and($hanging['cases'])
        ->toEqual($hall['hangers']['cases'])
        ->and($hanging['worst_wheel_kg'])
        ->toEqualWithDelta($hall['hangers']['worst_wheel_kg'], 1e-6);
});

test('a hanger more is marked, bored, laid ready and bought', function () {
    [$two, $three] = [ofMass(30), ofMass(30, ['brief.rules.hangers' => 3])];
    $leaf = fn (Plan $plan) => $plan->leaves()['leaf'];
    $marks = array_map(fn ($mark) => (string) $mark->id, Tapes::across($three, $leaf($three)));
    $bored = fn (Plan $plan) => Drilling::of($plan, $leaf($plan))[0]->count;
    $bought = fn (Plan $plan) => array_filter(
        Materials::of($plan),
        fn ($material) => $material->id->kind->value === 'hanger',
    );

    expect($marks)
        ->toContain('hanger-2')
        ->and($bored($three) - $bored($two))
        ->toBe(count($two->heights->hangerHoles))
        ->and(array_column(BoxCheck::of($three), 0))
        ->toBe(array_column(BoxCheck::of($two), 0))
        ->and($bought($two))
        ->toBe([])
        ->and(array_values($bought($three))[0]->count)
        ->toEqual(1);
});

test('a wheel that was chosen and takes too much is told, and steel or more hangers cure it', function () {
    $setout = Doorways::setout('kiln-room', [
        'brief.leaf.mass_kg' => 70,
        'kit' => sheetWith([['nylon', 30], ['steel', 60]]),
    ]);
    $found = array_values(
        array_filter($setout->findings, fn ($finding) => $finding->code === FindingCode::WheelOverloaded),
    )[0];
    $changes = array_map(fn ($cure) => $cure->changes, $found->cures);

    expect($changes)
        ->toContain(['brief.rules.wheels' => 'steel'])
        ->and($changes)
        ->toContain(['brief.rules.hangers' => '3']);
});

test('three hangers take no more off the worst wheel than two: that is said', function () {
    $codes = fn (array $changes) => array_map(
        fn ($finding) => $finding->code,
        Doorways::setout('kiln-room', [
            'brief.leaf.mass_kg' => 70,
            'kit' => sheetWith([['nylon', 30], ['steel', 60]]),
            ...$changes,
        ])->findings,
    );

    expect($codes(['brief.rules.hangers' => 3]))
        ->toContain(FindingCode::WheelWorst)
        ->and($codes(['brief.rules.hangers' => 3]))
        ->not->toContain(FindingCode::WheelOverloaded)
        ->and($codes(['brief.rules.wheels' => 'steel', 'brief.rules.hangers' => 3]))
        ->not->toContain(FindingCode::WheelWorst);
});

/** @param  list<array{string, int}>  $wheels  material and what one carries, kg */
function sheetWith(array $wheels): object
{
    $sheet = (array) ((array) Doorways::shelf()->get('kits'))[0];
    $sheet['wheels'] = array_map(
        fn (array $wheel) => (object) ['material' => $wheel[0], 'capacity_kg' => $wheel[1]],
        $wheels,
    );

    return (object) $sheet;
}
