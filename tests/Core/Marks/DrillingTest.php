<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Inspection\Finding;
use YokeLine\Marks\Drilling;
use YokeLine\Marks\TapeMark;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;

/** @return list<Drilling> in the first leaf of a demo doorway */
function bored(string $name, array $changes = []): array
{
    $plan = Doorways::plan($name, $changes);

    return Drilling::of($plan, array_values($plan->leaves())[0]);
}

test('a hole is bored in steps from a pilot, none more than 4 larger than the one before', function (
    float $full,
    array $bits,
) {
    expect(array_map(fn (Length $bit) => $bit->toMm(), Drilling::steps(Length::nm((int) ($full * 1_000_000)), Unit::Millimetre)))->toEqual(
        $bits,
    );
})->with([[10.0, [3.0, 7.0, 10.0]], [11.0, [3.0, 7.0, 11.0]], [7.0, [3.0, 7.0]], [3.0, [3.0]], [2.5, [2.5]]]);

test('steps rise to the full size for every hole there can be', function () {
    for ($nm = 500_000; $nm <= 30_000_000; $nm += 396_875) {
        $bits = array_map(fn (Length $bit) => $bit->nm, Drilling::steps(Length::nm($nm), Unit::Millimetre));
        $sorted = $bits;
        sort($sorted);

        expect($bits)->toBe($sorted)->and(end($bits))->toBe($nm);
    }
});

test('straps are bored through the face, plates screwed into the edge', function () {
    expect(bored('kiln-room')[0])
        ->kind->toBe('hanger')
        ->count->toBe(4)
        ->depth->toBeNull()
        ->and(bored('map-archive')[0])
        ->kind->toBe('plate')
        ->count->toBe(8);
});

test('nothing is outside where nobody told what is solid', function () {
    expect(Drilling::outsideSolid(Doorways::plan()))->toBe([]);
});

test('holes outside the solid members are named', function () {
    $outside = Drilling::outsideSolid(Doorways::plan(changes: ['brief.leaf.solid' => [[0, 100], [865, 965]]]));

    // The triggers stand 204 in from either edge, past the stiles.
    expect(array_map(fn (TapeMark $mark) => $mark->id->value, $outside))->toBe(['trigger-lead', 'trigger-trail']);
});

test('a strap wants 12 of solid wood past its hole', function (int $to, bool $isOutside) {
    $outside = array_map(
        fn (TapeMark $mark) => $mark->id->value,
        Drilling::outsideSolid(Doorways::plan(changes: ['brief.leaf.solid' => [[0, $to], [600, 965]]])),
    );

    expect(in_array('hanger-lead', $outside, true))->toBe($isOutside);
})->with([[89, false], [88, true]]);

test('hangers moved into a member are offered, and cure', function () {
    $setout = Doorways::setout(
        changes: [
            'brief.leaf.solid' => [[0, 60], [100, 300], [665, 865], [905, 965]],
            'brief.rules.soft_close' => 'off',
        ],
    );
    $finding = array_values(
        array_filter($setout->findings, fn (Finding $finding) => $finding->code->value === 'hole-not-solid'),
    )[0];

    expect($finding->with['count'])
        ->toBe(2)
        ->and($finding->cures[0]->changes)
        ->toBe(['brief.rules.hanger_inset' => '43']);
});
