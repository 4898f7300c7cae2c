<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Planning\Depth;
use YokeLine\Planning\Plan;

/** The numbers that a plan tells, and what each of their terms does to them. */

/** What lies across the wall, of the only leaf. */
function depthOf(Plan $plan): Depth
{
    return array_values($plan->depths)[0];
}

test('a plan tells the depth and the run of each leaf by its name', function (string $doorway) {
    $plan = Doorways::plan($doorway);
    $of = [
        'left', 'right', 'open_left', 'open_right', 'travel', 'travel_wanted', 'rail_centre', 'front', 'back', 'clearance',
    ];
    $wanted = array_merge(...array_map(
        fn (string $leaf) => array_map(fn (string $what) => "{$leaf}.{$what}", $of),
        array_keys($plan->layout->runs),
    ));

    expect(array_values(array_diff($wanted, array_keys($plan->sums()))))->toBe([]);
})->with(['kiln-room', 'map-archive', 'reclaim-bay']);

test('what stands the rail off puts the leaf as much further from the wall', function (array $changes, float $mm) {
    $by = fn (string $what) => depthOf(Doorways::plan(changes: $changes))->{$what}->total
        ->minus(depthOf(Doorways::plan())->{$what}->total)->toMm();

    expect([$by('rail'), $by('leafFront'), $by('leafBack')])->toBe([$mm, $mm, $mm]);
})->with([
    'a header built out' => [['brief.header.build_out' => 12], 12.0],
    'a thicker board' => [['brief.header.thickness' => 31], 12.0],
    'a spacer behind each standoff' => [['brief.rules.spacer' => 7], 7.0],
]);

test('a thicker leaf takes its room from the wall, not from the rail', function () {
    [$thin, $thick] = array_map(
        fn (int $mm) => depthOf(Doorways::plan(changes: ['brief.leaf.thickness' => $mm])),
        [35, 40],
    );

    expect($thick->rail->total->nm)->toBe($thin->rail->total->nm)
        ->and($thin->clearance->total->minus($thick->clearance->total)->toMm())->toBe(5.0);
});

test('a header has its four edges, and without one there is none of them', function () {
    $of = fn (array $changes) => array_values(array_filter(
        array_keys(Doorways::plan(changes: $changes)->sums()),
        fn (string $name) => str_starts_with($name, 'header.'),
    ));

    expect($of([]))->toEqualCanonicalizing(['header.left', 'header.right', 'header.bottom', 'header.top'])
        ->and($of(['brief.backing' => 'direct']))->toBe([]);
});
