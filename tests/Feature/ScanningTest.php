<?php

declare(strict_types=1);

use App\Models\Doorway;
use App\Models\WallTrace;
use App\Scanning\WallSweep;
use Tests\Core\Support\Doorways;
use Tests\Demo;
use YokeLine\Format\Document;
use YokeLine\Holding\Scan\FoundStud;
use YokeLine\Holding\Scan\SimulatedWall;
use YokeLine\Holding\Scan\Sweep;
use YokeLine\Holding\Scan\Trace;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\Unit;
use YokeLine\Setout;

/* What is in a wall is found by a scanner, and what of it is taken. */

/**
 * A sweep of a wall of which everything is known, at a doorway that was measured so.
 *
 * @param  array<string, mixed>  $changes
 */
function sweepOf(string $name = 'kiln-room', array $changes = []): WallSweep
{
    $doorway = new Doorway();
    $doorway->id = 7;

    return new WallSweep($doorway, Setout::quick(Doorways::document($name, $changes), Doorways::kits()));
}

/**
 * @param  list<float>  $studs  their middles
 * @param  list<float>  $cables
 */
function traceOf(array $studs, array $cables = []): Trace
{
    return SimulatedWall::holding(
        5,
        [0.0, 3600.0],
        [900.0, 1720.0],
        array_map(fn (float $x) => ['x' => $x, 'width' => 38.0], $studs),
        $cables,
    )->trace();
}

/** A document of this wall with nothing in it. */
const BARE = [
    'survey.wall.left' => 0, 'survey.wall.right' => 3600, 'survey.studs' => [], 'survey.hazards' => [],
    'survey.wall.ceiling' => 2480,
];

/** @return list<float> where studs stand that were taken */
function standAt(array $changes): array
{
    return array_map(
        fn (mixed $stud) => (float) (is_object($stud) ? $stud->x : $stud['x']),
        $changes['survey.studs'],
    );
}

test('studs that were found are taken with where they are, how wide, and how sure that is', function () {
    $sweep = sweepOf(changes: BARE);
    $taken = $sweep->changes($sweep->scan(traceOf([300.0, 2100.0, 2500.0])))['survey.studs'];
    $ofThem = fn (string $field) => array_values(array_unique(array_column($taken, $field)));
    $middles = array_filter($taken, fn (array $stud) => abs($stud['x'] - 2500) < 4);

    expect(count($taken))->toBeGreaterThanOrEqual(3)
        ->and($middles)->toHaveCount(1)
        ->and(array_keys($taken[0]))->toBe(['x', 'width', 'source', 'confidence'])
        ->and($ofThem('source'))->toBe(['scan'])
        ->and(min($ofThem('confidence')))->toBeGreaterThan(0.5)
        ->and(max($ofThem('confidence')))->toBeLessThanOrEqual(1.0)
        ->and(round(100 * $taken[0]['confidence'], 6))->toBe(round(100 * $taken[0]['confidence']))
        ->and((float) $taken[0]['width'])->toBe(round((float) $taken[0]['width']));
});

test('places are taken to a tenth of a millimetre', function () {
    $sweep = sweepOf(changes: BARE);
    $scan = $sweep->scan(traceOf([300.0, 2100.0]));
    $taken = $sweep->changes($scan)['survey.studs'];

    expect(array_map(fn (array $stud) => (float) $stud['x'], $taken))
        ->toBe(array_map(fn ($stud) => round($stud->x, 1), $scan->studs))
        ->and(array_map(fn (array $stud) => (float) $stud['width'], $taken))
        ->toBe(array_map(fn ($stud) => round($stud->width), $scan->studs));
});

test('what was measured by hand or proved stands, and what was found beside it is left', function (string $source) {
    $sweep = sweepOf(changes: [
        ...BARE,
        'survey.studs' => [(object) ['id' => 'k1', 'x' => 2110, 'width' => 45, 'source' => $source]],
    ]);
    $changes = $sweep->changes($sweep->scan(traceOf([2100.0, 2500.0])));
    $near = array_filter(standAt($changes), fn (float $x) => abs($x - 2100) < 30);

    expect(array_values($near))->toBe([2110.0])
        ->and($changes['survey.studs'][0]->source)->toBe($source)
        ->and(array_filter(standAt($changes), fn (float $x) => abs($x - 2500) < 5))->not->toBe([]);
})->with(['measured', 'pilot']);

test('a stud over 20 mm from one that was measured is another', function () {
    $sweep = sweepOf(changes: [...BARE, 'survey.studs' => [(object) ['id' => 'k1', 'x' => 2125, 'width' => 45]]]);
    $near = array_filter(
        standAt($sweep->changes($sweep->scan(traceOf([2100.0, 2500.0])))),
        fn (float $x) => abs($x - 2110) < 30,
    );

    expect($near)->toHaveCount(2);
});

test('what was found before is found anew, and is not taken twice', function () {
    $before = [
        ...BARE,
        'survey.studs' => [(object) ['id' => 'k1', 'x' => 3100, 'width' => 38, 'source' => 'scan']],
        'survey.hazards' => [
            (object) ['id' => 'h1', 'kind' => 'cable', 'x' => [3200, 3210], 'y' => [0, 2480], 'source' => 'scan'],
            (object) ['id' => 'h2', 'kind' => 'pipe', 'x' => [50, 70], 'y' => [0, 900]],
        ],
    ];
    $sweep = sweepOf(changes: $before);
    $changes = $sweep->changes($sweep->scan(traceOf([2100.0], [2700.0])));
    $hazards = $changes['survey.hazards'];

    expect(array_filter(standAt($changes), fn (float $x) => abs($x - 3100) < 30))->toBe([])
        ->and($hazards)->toHaveCount(2)
        ->and($hazards[0]->kind)->toBe('pipe')
        ->and($hazards[1]['source'])->toBe('scan');
});

test('a live cable is taken as 10 mm at the middle of its zone, from floor to ceiling', function (
    array $changes,
    string $ceiling,
) {
    $sweep = sweepOf(changes: [...BARE, ...$changes]);
    $scan = $sweep->scan(traceOf([2100.0], [2700.0]));
    [$low, $high] = $scan->zones[0];
    $cable = $sweep->changes($scan)['survey.hazards'][0];

    expect($scan->zones)->toHaveCount(1)
        ->and($cable['kind'])->toBe('cable')
        ->and((float) $cable['x'][0])->toBe(round(($low + $high) / 2 - 5, 1))
        ->and((float) $cable['x'][1])->toBe(round(($low + $high) / 2 + 5, 1))
        ->and($cable['y'])->toBe(['0', $ceiling]);
})->with(['as it was measured' => [[], '2480'], 'where none was' => [['survey.wall.ceiling' => null], '2500']]);

test('what was taken reads, and stands in the plan', function () {
    $sweep = sweepOf(changes: BARE);
    $document = Doorways::document('kiln-room', BARE);
    foreach ($sweep->changes($sweep->scan(traceOf([300.0, 2100.0, 2500.0], [2700.0]))) as $place => $value) {
        $document = $document->with($place, json_decode((string) json_encode($value)));
    }
    $survey = Setout::quick(Document::fromJson($document->toJson()), Doorways::kits())->doorway->survey;

    expect(count($survey->studs))->toBeGreaterThanOrEqual(3)
        ->and($survey->studs[0]->source)->toBe('scan')
        ->and($survey->hazards)->toHaveCount(1);
});

test('a doorway in inches takes places as they were found, in millimetres', function () {
    $sweep = sweepOf('in throwing-room', ['survey.studs' => []]);
    $scan = $sweep->scan($sweep->simulated()->trace());
    $taken = array_column($sweep->changes($scan)['survey.studs'], 'x');

    expect(array_map(fn (string $x) => LengthReader::read($x, Unit::Inch)->toMm(), $taken))
        ->toBe(array_map(fn (FoundStud $stud) => round($stud->x, 1), $scan->studs))
        ->and($taken)->not->toBe([]);
});

test('a wall is swept once wall and opening are measured', function (array $changes, bool $is) {
    expect(sweepOf(changes: $changes)->isMeasured())->toBe($is);
})->with([
    'both' => [[], true],
    'no opening' => [['survey.opening' => null], false],
    'no wall' => [['survey.wall' => null], false],
]);

test('the simulated scanner feels the same wall at the same doorway', function () {
    [$one, $again] = [sweepOf()->simulated(), sweepOf()->simulated()];

    expect($again)->toEqual($one)->and($one->seed)->toBe(7)
        ->and(array_filter($one->studs, fn (array $stud) => $stud['width'] === 76.0))->toHaveCount(2);
});

test('a pass goes along the wall and the next one back', function () {
    [$there, $back] = [sweepOf()->pass(1200.0, true), sweepOf()->pass(1200.0, false)];
    $places = fn (array $rows) => array_column($rows, 0);
    $sorted = $places($there);
    sort($sorted);

    expect($places($there))->toBe($sorted)
        ->and($places($back))->toBe(array_reverse($sorted))
        ->and($there[0][1])->toBe(round($there[0][1], 1))
        ->and($there[0][2])->toBe(round($there[0][2], 1));
});

test('of what is kept every third row of the first sweep that goes right is shown', function () {
    Demo::load();
    $doorway = Doorway::query()->firstOrFail();
    $rows = fn (float $from) => array_map(
        fn (int $i) => ['x' => 10.0 * $i, 'density' => $from + $i, 'ac' => 1.0],
        range(0, 8),
    );
    $trace = new Trace([
        Sweep::of(500.0, array_reverse($rows(40.0)), 25.0),
        Sweep::of(500.0, $rows(2.0), 25.0),
        Sweep::of(1200.0, $rows(90.0), 25.0),
    ]);
    (new WallSweep($doorway, $doorway->setout(null)))->keep($trace);

    expect(WallTrace::query()->latest('id')->firstOrFail()->profile)
        ->toEqual([[0.0, 0.2], [30.0, 0.5], [60.0, 0.8]]);
});

test('where no sweep goes right the one there is is shown', function () {
    Demo::load();
    $doorway = Doorway::query()->firstOrFail();
    $rows = array_map(fn (int $i) => ['x' => 10.0 * $i, 'density' => 0.1 * $i, 'ac' => 0.0], range(8, 0));
    (new WallSweep($doorway, $doorway->setout(null)))->keep(new Trace([Sweep::of(500.0, $rows, 25.0)]));

    expect(WallTrace::query()->latest('id')->firstOrFail()->profile)->toEqual([[0.0, 0.0], [30.0, 0.3], [60.0, 0.6]]);
});

/* Through the pages. */

function sweptDoorway(): Doorway
{
    Demo::load();

    return Doorway::query()->where('name', 'Kiln room')->firstOrFail();
}

test('a trace is shown before anything of it is taken', function () {
    $doorway = sweptDoorway();
    $before = $doorway->revision_id;
    $csv = (new WallSweep($doorway, $doorway->setout(null)))->simulated()->trace()->toCsv();
    $this->post("/doorways/{$doorway->id}/wall/studs", ['csv' => $csv])
        ->assertOk()
        ->assertSee(__('top.page.take-them-into-the-survey'))
        ->assertSee(__('top.page.a-doubled-stud'));

    expect($doorway->refresh()->revision_id)->toBe($before)->and($doorway->trace)->toBeNull();
});

test('the simulated wall is shown as a trace is', function () {
    $doorway = sweptDoorway();
    $this->post("/doorways/{$doorway->id}/wall/studs", ['simulated' => '1'])
        ->assertOk()
        ->assertSee(__('top.page.take-them-into-the-survey'));
});

test('rows that do not read are told by their line, eight of them', function () {
    $doorway = sweptDoorway();
    $rows = implode("\n", array_map(fn (int $i) => "{$i},x,1", range(1, 11)));
    $this->post("/doorways/{$doorway->id}/wall/studs", ['csv' => "position_mm,density,ac_mv\n{$rows}"])
        ->assertOk()
        ->assertSee(__('refusals.trace-numbers', ['line' => 9]))
        ->assertDontSee(__('refusals.trace-numbers', ['line' => 10]))
        ->assertSee(__('top.page.and-more-rows-left-out', ['count' => 3]))
        ->assertDontSee(__('top.page.take-them-into-the-survey'));
});

test('what was found is taken as one change, and the trace is kept', function () {
    $doorway = sweptDoorway();
    $csv = (new WallSweep($doorway, $doorway->setout(null)))->simulated()->trace()->toCsv();
    $this->post("/doorways/{$doorway->id}/sweep/take", ['csv' => $csv, 'base' => $doorway->revision_id])
        ->assertRedirect("/doorways/{$doorway->id}/anchors/fixings")
        ->assertSessionHasNoErrors();
    $after = Doorway::query()->findOrFail($doorway->id);
    $studs = $after->revision->document->get('survey.studs');
    $sources = array_map(fn (object $stud) => $stud->source ?? 'measured', $studs);

    expect($after->revision->number)->toBe($doorway->revision->number + 1)
        ->and($sources)->toContain('scan')
        ->and($after->trace?->csv)->toBe($csv);
});

test('a pass is asked for at the heights that are swept, and at no other', function () {
    $doorway = sweptDoorway();
    $this->get("/doorways/{$doorway->id}/sweep/pass?height=1200")->assertOk()->assertJsonPath('height', 1200);
    $this->get("/doorways/{$doorway->id}/sweep/pass?height=1201")->assertNotFound();
    $there = $this->get("/doorways/{$doorway->id}/sweep/pass?height=500")->json('rows');
    $back = $this->get("/doorways/{$doorway->id}/sweep/pass?height=500&way=back")->json('rows');

    expect($there[0][0])->toBeLessThan($there[9][0])->and($back[0][0])->toBeGreaterThan($back[9][0]);
});
