<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Inspection\Cautions;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Verdict;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Setout;

function found(Setout $setout, string $code): Finding
{
    $found = array_values(array_filter($setout->findings, fn (Finding $finding) => $finding->code->value === $code));
    expect($found)->not->toBeEmpty(
        "{$code} is among: ".
            implode(', ', array_map(fn (Finding $finding) => $finding->code->value, $setout->findings)),
    );

    return $found[0];
}

test('a fault is found and says where it is', function (string $code, array $changes, array $kits = []) {
    $finding = found(Doorways::faulty($changes, $kits), $code);

    expect($finding->severity)->not->toBe(Severity::Ok)->and($finding->where)->not->toBe('');
})->with('faults');

test('every cure that is offered takes its finding away and brings no new stop', function (
    string $code,
    array $changes,
    array $kits = [],
) {
    $setout = Doorways::faulty($changes, $kits);
    $stops = array_filter($setout->findings, fn (Finding $finding) => $finding->severity === Severity::Stop);
    $cures = found($setout, $code)->cures;
    expect($cures)->not->toBeEmpty();
    foreach ($cures as $cure) {
        $after = Setout::quick(
            $setout->after($cure),
            $kits === []
                ? Doorways::kits()
                : [
                    ...Doorways::kits(),
                    ...array_map(fn (array $numbers) => Doorways::kit('flat-40-strap', $numbers), $kits),
                ],
        );
        $newStops = array_filter(
            $after->findings,
            fn (Finding $finding) => $finding->severity === Severity::Stop &&
                ! in_array($finding->code, array_column($stops, 'code'), true),
        );

        expect($after->has(FindingCode::from($code)))->toBeFalse($cure->code)->and($newStops)->toBe([], $cure->code);
    }
})->with('faults');

dataset('faults of leaves that pass', [
    'between-leaves' => [
        'between-leaves',
        ['brief.leaf.thickness' => 40, 'brief.header.thickness' => 30],
        ['track_pitch' => 54],
    ],
    'rear-pull' => [
        'rear-pull',
        ['brief.pulls' => ['front' => ['kind' => 'bar', 'width' => 24, 'height' => 300, 'projection' => 45]]],
        [],
    ],
    'mid-overlap' => ['mid-overlap', ['brief.leaf.width' => 960], []],
    'bracket-off-board' => ['bracket-off-board', ['brief.header.width' => 140, 'brief.leaf.height' => 2100], []],
]);

test('a fault of leaves that pass each other is found, and its cures cure', function (
    string $code,
    array $changes,
    array $kit,
) {
    $kits = [...Doorways::kits(), 'flat-40-bypass' => Doorways::kit('flat-40-bypass', $kit)];
    $setout = Setout::of(Doorways::document('reclaim-bay', $changes), $kits);
    $cures = found($setout, $code)->cures;
    expect($cures)->not->toBeEmpty();
    foreach ($cures as $cure) {
        expect(Setout::quick($setout->after($cure), $kits)->has(FindingCode::from($code)))->toBeFalse($cure->code);
    }
})->with('faults of leaves that pass');

test('leaves that overlap too little in the middle are told by how much, whoever says what is wanted', function (
    array $changes,
    Severity $severity,
    int $overlap,
    int $wanted,
) {
    $finding = found(Doorways::setout('reclaim-bay', $changes), 'mid-overlap');

    expect($finding->severity)->toBe($severity)
        ->and(array_map(fn (Length $length) => $length->toMm(), $finding->with))
        ->toEqual(['overlap' => $overlap, 'wanted' => $wanted]);
})->with([
    // The guide is 110 long, with 5 to each side of it.
    'over the guide' => [['brief.leaf.width' => 960], Severity::Settle, 70, 120],
    'as the house says' => [
        ['brief.leaf.width' => 1000, 'brief.rules.mid_overlap' => 200], Severity::Settle, 150, 200,
    ],
    'apart' => [['brief.leaf.width' => 900, 'brief.rules.mid_overlap' => 20], Severity::Stop, -50, 20],
]);

test('a front pull that would run into a shelf is found', function () {
    $changes = [
        'survey.obstacles' => [
            ['name' => 'shelf', 'kind' => 'shelf', 'x' => [1800, 1850], 'y' => [900, 1000], 'projection' => 200],
        ],
        'brief.pulls' => ['front' => ['kind' => 'bar', 'width' => 24, 'height' => 300, 'projection' => 45]],
    ];

    $finding = found(Doorways::setout(changes: $changes), 'pull-reach');

    expect($finding->how)->toBe('meets')->and($finding->with['what']->how)->toBe('shelf');
});

test('what is said of the whole wall, where nothing needs settling', function (string $code, array $changes) {
    expect(found(Doorways::setout(changes: $changes), $code)->severity)->toBe(Severity::Note);
})->with([
    'hazards at one place' => [
        'hazards-overlap',
        [
            'survey.hazards' => [
                ['kind' => 'cable', 'x' => [2000, 2030], 'y' => [0, 2400]],
                ['kind' => 'pipe', 'x' => [2020, 2060], 'y' => [0, 900]],
            ],
        ],
    ],
    'a thing off the wall' => [
        'off-the-wall',
        [
            'survey.obstacles' => [
                ['name' => 'lamp', 'kind' => 'lamp', 'x' => [5000, 5100], 'y' => [100, 200], 'projection' => 60],
            ],
        ],
    ],
    'a stud off the wall' => ['off-the-wall', ['survey.studs[0].x' => 9000]],
    'carpet' => ['carpet', ['survey.floor.finish' => 'carpet']],
    'the old door' => ['old-door', ['survey.opening.was' => 'hinged-in']],
    'a header built out' => ['built-out', ['brief.header.build_out' => 60]],
    'a free end of the wall' => ['open-end', ['survey.wall.to' => 2800, 'survey.wall.ends.right' => 'open']],
    'across the room' => ['aisle', ['survey.wall.walkway' => 700]],
    'parked for good' => ['parked', ['brief.rules.parked' => true]],
]);

test('what stands off the wall is told with where it is and how far the wall goes', function () {
    $lamp = ['name' => 'lamp', 'kind' => 'lamp', 'x' => [5000, 5100], 'y' => [100, 200], 'projection' => 60];
    $told = found(Doorways::setout(changes: ['survey.obstacles' => [$lamp]]), 'off-the-wall')->with;

    expect([$told['low']->toMm(), $told['from']->toMm(), $told['to']->toMm()])->toEqual([5000, 0, 3640]);
});

test('a thing behind the rail stops where it meets the board, or comes out as far as the standoffs stand', function (
    array $changes,
    ?string $how,
) {
    $switch = ['name' => 'switch', 'kind' => 'switch', 'x' => [1500, 1580], 'y' => [2120, 2200]];
    $setout = Doorways::setout(changes: ['survey.obstacles' => [[...$switch, ...$changes[0]]], ...$changes[1]]);
    $found = array_filter($setout->findings, fn (Finding $one) => $one->code === FindingCode::ObstacleBehindRail);

    expect(array_map(fn (Finding $one) => $one->how, array_values($found)))->toBe($how === null ? [] : [$how]);
})->with([
    'flat behind a board' => [[['projection' => 5], []], 'header'],
    'behind a rail on the wall' => [[['projection' => 5], ['brief.backing' => 'direct']], 'rail'],
    'behind the spacers of a rail' => [
        [['projection' => 5], ['brief.backing' => 'direct', 'brief.rules.spacer' => 10]], null,
    ],
    'out of the spacers of a rail' => [
        [['projection' => 11], ['brief.backing' => 'direct', 'brief.rules.spacer' => 10]], 'rail',
    ],
    'beside the board' => [[['projection' => 60, 'x' => [200, 280]], []], null],
    'under the board' => [[['projection' => 60, 'y' => [1000, 1080]], []], null],
]);

test('a moment at a built-out header is the hung weight times how far out the rail is', function () {
    $setout = Doorways::setout(changes: ['brief.header.build_out' => 60, 'brief.leaf.mass_kg' => 40]);

    expect(found($setout, 'built-out')->with['moment_Nm']->value)->toEqualWithDelta(43 * 9.80665 * 0.112, 1e-9);
});

test('what is moved away is in no way any more', function () {
    $setout = Doorways::setout(
        changes: [
            'survey.obstacles' => [
                [
                    'name' => 'radiator',
                    'kind' => 'radiator',
                    'x' => [2100, 2500],
                    'y' => [100, 700],
                    'projection' => 95,
                    'moved' => true,
                ],
            ],
        ],
    );

    expect($setout->has(FindingCode::LeafClearance))->toBeFalse()->and($setout->has(FindingCode::Covered))->toBeFalse();
});

test('a buffer on the wall gives back what stop and clearance took', function () {
    $plan = Doorways::plan(changes: ['survey.wall.to' => 2700, 'brief.ends.open.by' => 'wall-buffer']);

    expect($plan->layout->runs['leaf']->travel->total->toMm())
        ->toBe(863.0)
        ->and($plan->layout->passages['clear']->total->toMm())
        ->toBe(815.0);
});

test('nobody walks through a niche: no rule of passage, and the guide may stand before it', function () {
    $plan = Doorways::plan(changes: ['survey.opening.is' => 'niche']);
    $setout = Doorways::setout(changes: ['survey.opening.is' => 'niche']);

    expect($setout->has(FindingCode::PassageClear))
        ->toBeFalse()
        ->and($setout->has(FindingCode::Uncovers))
        ->toBeTrue()
        ->and($plan->guides['guide']->window->low->toMm())
        ->toBe(1774.0);
});

test('the doorway is planned with the kit as it was, and says when the shelf has another', function () {
    $document = Doorways::document()->with(
        'kit',
        json_decode((string) json_encode([...get_object_vars(Doorways::shelf()->get('kits[0]')), 'rise' => 45])),
    );
    $setout = Setout::of($document, Doorways::kits());

    expect($setout->plan?->yokeLine()->toMm())
        ->toBe(2195.0)
        ->and(found($setout, 'kit-changed')->cures[0]->changes)
        ->toBe(['kit' => null]);
});

test('a floor out of level is said with the gap it makes', function () {
    $finding = found(Doorways::setout(), 'floor-falls');

    expect($finding->with['fall']->toMm())
        ->toBe(9.0)
        ->and($finding->with['gap_max']->toMm())
        ->toBe(21.0)
        ->and($finding->with['tape_up']->toMm())
        ->toBe(2200.0);
});

test('a doorway without floor readings is not called settled', function () {
    expect(found(Doorways::setout(changes: ['survey.floor.readings' => []]), 'survey-incomplete')->severity)->toBe(
        Severity::Settle,
    );
});

test('a half-told reading counts for nothing and is asked for', function () {
    expect(
        found(Doorways::setout(changes: ['survey.floor.readings[4]' => ['x' => 3000]]), 'survey-incomplete')->where,
    )->toBe('survey.floor.readings[4].level');
});

test('a half-measured doorway says what to measure next', function () {
    $setout = Doorways::setout('wedging-room');

    expect($setout->verdict())
        ->toBe(Verdict::Unmeasured)
        ->and($setout->missing())
        ->toBe(['survey.wall.ceiling', 'survey.opening.height[0]'])
        ->and(found($setout, 'survey-incomplete')->where)
        ->toBe('survey.wall.ceiling');
});

test('an unknown kit is a finding that every kit that hangs the door cures', function () {
    expect(
        count(found(Doorways::setout(changes: ['brief.kit' => 'gone']), 'kit-unknown')->cures),
    )->toBeGreaterThanOrEqual(2);
});

test('the checks allow what a tape can be off, and no more', function () {
    expect(Doorways::setout(changes: ['survey.opening.casing.thickness' => 26])->has(FindingCode::LeafClearance))
        ->toBeFalse()
        ->and(Doorways::setout(changes: ['survey.opening.casing.thickness' => 26.1])->has(FindingCode::LeafClearance))
        ->toBeTrue();
});

test('the verdict is the gravest finding', function (string $doorway, Verdict $verdict, array $changes = []) {
    expect(Doorways::setout($doorway, $changes)->verdict())->toBe($verdict);
})->with([
    ['kiln-room', Verdict::ToSettle],
    ['kiln-room', Verdict::FitsIf, ['brief.header.thickness' => 38]],
    [
        'kiln-room',
        Verdict::Fits,
        [
            'brief.header.thickness' => 38,
            'survey.opening.was' => 'none',
            'brief.leaf.construction.kind' => 'softwood',
        ],
    ],
    ['clay-store', Verdict::ToSettle],
    ['packing-loft', Verdict::Stopped],
    ['wedging-room', Verdict::Unmeasured],
]);

test('the gravest findings come first', function () {
    $ranks = array_map(fn (Finding $finding) => $finding->severity->rank(), Doorways::setout('packing-loft')->findings);
    $sorted = $ranks;
    sort($sorted);

    expect($ranks)->toBe($sorted);
});

test('cautions name the mass, and what is special to this doorway', function () {
    $said = Cautions::of(
        Doorways::plan(
            changes: [
                'brief.leaf.mass_kg' => 61,
                'brief.leaf.construction' => ['kind' => 'softwood', 'glass_m2' => 0.4],
                'survey.hazards' => [['kind' => 'cable', 'x' => [100, 110], 'y' => [0, 2000]]],
            ],
        ),
    );

    expect(array_map(fn (Message $one) => $one->how, $said))
        ->toContain('mass', 'glass', 'hazard', 'heated')
        ->and($said[0]->with['mass']->value)
        ->toBe(61.0)
        ->and($said[0]->with['people'])
        ->toBe(3);
});

dataset(
    'faults of holding',
    fn () => [
        'studs-unknown' => ['studs-unknown', ['survey.studs' => []], false],
        'too-few-studs, header' => ['too-few-studs', ['survey.studs' => [['x' => 790, 'width' => 38]]], false],
        'hole-misses-stud' => [
            'hole-misses-stud',
            ['brief.backing' => 'direct', 'brief.header.thickness' => 38, 'survey.opening.casing' => null],
            true,
        ],
        'spacing' => [
            'spacing',
            ['brief.backing' => 'direct', 'brief.header.thickness' => 38, 'survey.opening.casing' => null],
            true,
        ],
        'header-thin' => ['header-thin', [], true],
        'over-worked' => ['over-worked', ['brief.leaf.mass_kg' => 45], true],
        'standoff-sinks' => [
            'standoff-sinks',
            [
                'brief.backing' => 'direct',
                'survey.opening.casing' => null,
                'survey.studs' => [
                    ['x' => 790, 'width' => 38],
                    ['x' => 1192, 'width' => 38],
                    ['x' => 1594, 'width' => 38],
                    ['x' => 1996, 'width' => 38],
                    ['x' => 2398, 'width' => 38],
                    ['x' => 2800, 'width' => 38],
                ],
                'brief.leaf.mass_kg' => 40,
            ],
            true,
        ],
        'cable-behind' => [
            'cable-behind',
            ['survey.hazards' => [['kind' => 'cable', 'x' => [1990, 1990], 'y' => [0, 2600]]]],
            true,
        ],
        'not-checked' => ['not-checked', ['brief.header.wood' => 'mdf', 'brief.header.thickness' => 38], true],
        'header-span' => [
            'header-span',
            [
                'survey.studs' => [
                    ['x' => 790, 'width' => 38],
                    ['x' => 2390, 'width' => 38],
                    ['x' => 2790, 'width' => 38],
                ],
            ],
            false,
        ],
        'stop-meets-standoff' => ['stop-meets-standoff', ['brief.rules.rail_left' => 800], true],
        'masonry-edge' => [
            'masonry-edge',
            [
                'brief.backing' => 'masonry',
                'survey.wall.lining' => ['kind' => 'masonry', 'thickness' => 10],
                'survey.opening.casing' => null,
                'survey.opening.height' => [2110],
                'brief.leaf.stock_heights' => [],
                'brief.rules.head_overlap' => 5,
            ],
            true,
        ],
        'bolt-short' => ['bolt-short', ['brief.header.thickness' => 45], false],
    ],
);

test('what does not hold is found, and its cures cure', function (string $code, array $changes, bool $curable) {
    $setout = Doorways::setout(changes: $changes);
    $finding = found($setout, $code);
    if ($curable) {
        expect($finding->cures)->not->toBeEmpty();
    }
    foreach ($finding->cures as $cure) {
        expect(Setout::quick($setout->after($cure), Doorways::kits())->has(FindingCode::from($code)))->toBeFalse(
            $cure->code,
        );
    }
})->with('faults of holding');

test('of two switches behind the leaf each has a cure of its own, that leaves the other', function () {
    $switch = fn (int $x) => (object) [
        'kind' => 'switch',
        'name' => "switch at {$x}",
        'x' => [$x, $x + 80],
        'y' => [1000, 1080],
        'projection' => 9,
    ];
    $covered = fn ($setout) => array_values(
        array_filter($setout->findings, fn ($finding) => $finding->code->value === 'covered'),
    );
    $both = Doorways::setout('kiln-room', ['survey.obstacles' => [$switch(1900), $switch(2200)]]);

    expect($covered($both))->toHaveCount(2);
    foreach ($covered($both) as $finding) {
        expect($finding->cures)->not->toBe([], $finding->code->value);
        $one = $covered(Setout::of($both->after($finding->cures[0]), Doorways::kits()));
        expect($one)->toHaveCount(1)->and($one[0]->with['what'])->not->toEqual($finding->with['what']);
    }
});

test('a header board that reaches into the picture rail is stopped, and cured by building it out past it', function (
    array $rail,
    bool $isStopped,
) {
    $setout = Doorways::setout('kiln-room', ['survey.wall.picture_rail' => (object) $rail]);
    $found = array_values(
        array_filter($setout->findings, fn (Finding $finding) => $finding->code === FindingCode::PictureRail),
    );
    expect($found !== [])->toBe($isStopped);
    if ($isStopped) {
        $cured = Doorways::setout('kiln-room', [
            'survey.wall.picture_rail' => (object) $rail,
            ...$found[0]->cures[0]->changes,
        ]);
        expect($found[0]->with['over']->toMm())
            ->toEqual(41)
            ->and(array_map(fn (Finding $finding) => $finding->code, $cured->findings))
            ->not->toContain(FindingCode::PictureRail);
    }
})->with([
    'below its top' => [['height' => 2220, 'projection' => 20], true],
    'above it' => [['height' => 2300, 'projection' => 20], false],
    'none' => [['height' => 0, 'projection' => 20], false],
    'no thicker than nothing' => [['height' => 2220], false],
]);

test('a catch that is as deep as the rail stands off fits, and none is asked about where none is hung', function (
    array $changes,
    int $deeper,
    bool $found,
) {
    $standoff = Doorways::kits()['flat-40-strap']->standoff->toMm();
    $kits = ['flat-40-strap' => Doorways::kit('flat-40-strap', ['catch_depth' => $standoff + $deeper])];

    expect(Setout::quick(Doorways::document('kiln-room', $changes), $kits)->has(FindingCode::CatchDepth))->toBe($found);
})->with([
    'as deep as there is room' => [[], 0, false],
    'over what checks allow' => [[], 2, true],
    'deeper, held off by a spacer' => [['brief.rules.spacer' => 4], 4, false],
    'deeper, without soft close' => [['brief.rules.soft_close' => 'off'], 5, false],
]);
