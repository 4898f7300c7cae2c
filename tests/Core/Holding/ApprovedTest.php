<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use YokeLine\Holding\Alternatives;
use YokeLine\Holding\Anchoring;
use YokeLine\Holding\Scan\Scan;
use YokeLine\Holding\Scan\SimulatedWall;
use YokeLine\Holding\Scan\Trace;
use YokeLine\Holding\Schedule;
use YokeLine\Planning\Plan;

/* What a wall holds: fixings, their places, what each bears, what else there is. */

Approved::ofDoorways('Holding', [
    'anchoring' => fn (Plan $plan) => Anchoring::of($plan),
    'schedule' => fn (Plan $plan) => Schedule::of($plan),
    'alternatives' => fn (Plan $plan) => [Alternatives::of($plan), Alternatives::longer($plan)],
    'holes as they are taken up' => fn (Plan $plan) => array_map(
        fn (string $leaf) => Anchoring::of($plan)->taken($leaf, $plan->leaves()[$leaf]->run->travel->total->half()),
        array_combine(array_keys($plan->leaves()), array_keys($plan->leaves())),
    ),
]);

Approved::ofFields(
    'Holding',
    'fixings',
    Approved::asked(),
    'kiln-room',
    [],
    fn (?Plan $plan) => $plan === null ? null : [Anchoring::of($plan), Schedule::of($plan)],
);

test('brackets that are set freely are held as it was approved', function (string $name, array $changes) {
    $plan = Doorways::plan($name, ['brief.kit' => 'round-22-free', 'brief.hang' => 'single', ...$changes]);

    Approved::holds("Holding/free brackets/{$name} ".implode(' ', array_keys($changes)), [
        $plan->rail->holes, $plan->place, Anchoring::of($plan),
    ]);
})->with([
    ['loading-bay', []], ['meter-room', []], ['slip-store', []], ['reclaim-bay', []],
    ['loading-bay', ['brief.backing' => 'direct']], ['meter-room', ['brief.backing' => 'direct']],
]);

test('a wall of which little is known is held as it was approved', function (array $changes) {
    $plan = Doorways::plan('kiln-room', $changes);

    Approved::holds('Holding/little known/'.implode(' ', array_keys($changes)), [
        Anchoring::of($plan), Schedule::of($plan),
    ]);
})->with([
    [['survey.wood' => 'unknown']], [['brief.header.wood' => 'unknown']], [['survey.lining.kind' => 'plank']],
    [['survey.wall.lining' => (object) ['kind' => 'plank', 'thickness' => 40]]], [['survey.studs' => []]],
    [['brief.leaf.mass_kg' => 140]],
    [['survey.hazards' => [(object) ['kind' => 'cable', 'x' => [1600, 1620], 'y' => [0, 2655]]]]],
]);

test('what a scanner felt of walls that were made up is found as it was approved', function (int $seed) {
    $wall = SimulatedWall::seeded($seed);
    $scan = Scan::of($wall->trace(), $wall->opening, $wall->wall);
    $trace = Trace::read($wall->trace()->toCsv());

    Approved::holds("Holding/scans/{$seed}", [
        $scan->studs, $scan->zones, $scan->grid, array_keys($trace->sweeps), count($trace->problems),
        Scan::of(new Trace([$wall->sweep(500.0, true)]), $wall->opening, $wall->wall)->studs,
    ]);
})->with(range(1, 9));
