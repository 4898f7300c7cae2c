<?php

declare(strict_types=1);

use Eris\Generators;
use Tests\Core\Support\Doorways;
use YokeLine\Format\AnchoringWriter;
use YokeLine\Format\Document;
use YokeLine\Format\DoorwayReader;
use YokeLine\Holding\Anchoring;
use YokeLine\Holding\BoardPieces;
use YokeLine\Holding\Member;
use YokeLine\Holding\NewHoles;
use YokeLine\Holding\RailFixings;
use YokeLine\Holding\Sag;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planner\Planner;
use YokeLine\Planning\Plan;
use YokeLine\Setout;

uses(Eris\TestTrait::class);

/** @return array<string, mixed> a worked example: `document` in, `result` out, and what `cures` do */
function worked(string $name): array
{
    return json_decode(
        (string) file_get_contents(__DIR__."/../Support/anchoring/{$name}.json"),
        true,
        flags: JSON_THROW_ON_ERROR,
    );
}

/** @param  array<string, mixed>  $changes */
function exampleOf(string $name, array $changes = []): Document
{
    $document = Document::fromJson((string) json_encode(worked($name)['document']));
    foreach ($changes as $place => $value) {
        $document = $document->with($place, $value);
    }

    return $document;
}

/** @param  array<string, mixed>  $changes */
function planned(string $name, array $changes = []): Plan
{
    $doorway = DoorwayReader::read(exampleOf($name, $changes));

    return Planner::plan($doorway, Doorways::kits()[$doorway->brief->kit]);
}

/**
 * Every place where two results differ: lengths by more than 1e-6, forces and utilisations by more than half a percent.
 * @return list<string>
 */
function differences(mixed $is, mixed $wanted, string $place = ''): array
{
    if (is_array($wanted)) {
        if (! is_array($is) || (array_is_list($wanted) && count($is) !== count($wanted))) {
            return ["{$place} is not of that shape"];
        }

        return array_merge(
            [],
            ...array_map(
                fn (int|string $key) => array_key_exists($key, $is)
                    ? differences($is[$key], $wanted[$key], "{$place}.{$key}")
                    : ["{$place}.{$key} is missing"],
                array_keys($wanted),
            ),
        );
    }
    if (is_numeric($wanted)) {
        $isForce =
            preg_match('/reaction|shear|tension|allow|utilisation|bearing|EI|_N|deflection\.greatest/', $place) === 1;

        return is_numeric($is) && abs($is - $wanted) <= ($isForce ? 0.005 * abs($wanted) + 1e-6 : 1e-6)
            ? []
            : ["{$place} is ".json_encode($is).', wanted '.json_encode($wanted)];
    }

    return $is === $wanted ? [] : ["{$place} is ".json_encode($is).', wanted '.json_encode($wanted)];
}

test('a worked example of anchoring comes out', function (string $name) {
    $plan = planned($name);
    $is = AnchoringWriter::write(Anchoring::of($plan));
    $wanted = array_intersect_key(worked($name)['result'], ['fixings' => 1, 'anchoring' => 1]);
    // Where several places bend, or are worked, alike, either may be named.
    foreach (['deflection.at', 'deflection.left_wheel_at', 'worst.x', 'worst.y', 'worst.kind'] as $alike) {
        [$group, $key] = explode('.', $alike);
        unset($wanted['anchoring'][$group][$key]);
    }

    expect(differences($is, $wanted))
        ->toBe([])
        ->and($plan->rail->span->low->toMm())
        ->toBe((float) worked($name)['result']['rail']['left'])
        ->and(
            differences(
                array_map(fn ($hole) => $hole->toMm(), $plan->rail->holes),
                worked($name)['result']['rail_holes'],
            ),
        )
        ->toBe([]);
})->with(['catches', 'kiln-room', 'reclaim-bay', 'glaze-store', 'glaze-store-header', 'throwing-room', 'drying-loft']);

test('what a change does to the hardest worked fixing comes out', function (string $name) {
    foreach (worked($name)['cures'] as $cure) {
        $worst = Anchoring::of(planned($name, $cure['change']))->worst();

        expect($worst?->strength->utilisation)->toEqualWithDelta(
            $cure['worst']['utilisation'],
            0.005 * $cure['worst']['utilisation'],
            $cure['says'],
        );
    }
})->with(['catches', 'kiln-room', 'glaze-store', 'throwing-room']);

test('the findings of a worked example come out, before and after each change', function (string $name) {
    $geometry = ['old-door', 'floor-falls', 'guide-window', 'hanger-solid', 'mass-assumed'];
    $codes = fn (Document $document) => array_values(
        array_diff(
            array_map(
                fn (Finding $finding) => $finding->code->value,
                array_filter(
                    Setout::quick($document, Doorways::kits())->findings,
                    fn (Finding $finding) => $finding->severity !== Severity::Ok,
                ),
            ),
            [...$geometry, 'bolt-short'],
        ),
    );
    expect($codes(exampleOf($name)))->toEqualCanonicalizing(array_column(worked($name)['result']['findings'], 'code'));
    foreach (worked($name)['cures'] ?? [] as $cure) {
        expect($codes(exampleOf($name, $cure['change'])))->toEqualCanonicalizing($cure['findings'], $cure['says']);
    }
})->with(['catches', 'kiln-room', 'reclaim-bay', 'glaze-store', 'glaze-store-header', 'throwing-room', 'drying-loft']);

test('auto takes the wall where the holes meet the kit’s spacing, and a header where not', function () {
    expect(planned('catches')->header)
        ->toBeNull()
        ->and(planned('glaze-store', ['brief.backing' => 'auto'])->header)
        ->not->toBeNull();
});

test('a rail set by hand lies where it was set, and is judged there', function () {
    $plan = planned('catches', ['brief.rules.rail_left' => 735, 'brief.backing' => 'direct']);

    expect($plan->rail->span->low->toMm())
        ->toBe(735.0)
        ->and(count($plan->place?->hitPlaces ?? []))
        ->toBe(3);
});

test('brackets that are set freely stand on studs, each at least so far from the next', function () {
    $plan = Doorways::plan('kiln-room', ['brief.kit' => 'round-22-free', 'brief.backing' => 'direct']);
    $places = array_map(fn ($x) => $x->toMm(), $plan->rail->holes);
    $gaps = array_map(fn (float $a, float $b) => $b - $a, array_slice($places, 0, -1), array_slice($places, 1));

    expect(array_diff($places, [390.0, 790.0, 886.0, 1788.0, 1990.0, 2390.0, 2790.0, 3190.0]))
        ->toBe([])
        ->and(min($gaps))
        ->toBeGreaterThanOrEqual(150.0);
});

test('nothing is drilled in the zone of a cable, and sliding past it is offered', function () {
    $document = Doorways::document('kiln-room', [
        'brief.header.thickness' => 38,
        'survey.hazards' => [['kind' => 'cable', 'x' => [1990, 1990], 'y' => [0, 2600]]],
    ]);
    $setout = Setout::of($document, Doorways::kits());
    $finding = array_values(
        array_filter($setout->findings, fn (Finding $finding) => $finding->code->value === 'cable-behind'),
    )[0];
    $anchoring = Anchoring::of($setout->plan);

    expect(array_filter($anchoring->fixings, fn ($fixing) => abs($fixing->x->toMm() - 1990) < 50))
        ->toBe([])
        ->and($finding->cures[0]->changes['brief.rules.rail_left'])
        ->toBe('775');
});

test('a masonry anchor is reckoned by its own sheet, and without one is not checked', function () {
    $masonry = ['brief.backing' => 'masonry', 'survey.wall.lining' => ['kind' => 'masonry', 'thickness' => 15]];
    expect(
        Setout::quick(Doorways::document('kiln-room', $masonry), Doorways::kits())->has(FindingCode::NotChecked),
    )->toBeTrue();
    $sheet = [
        'brief.anchor' => [
            'kind' => 'sleeve',
            'diameter' => 8,
            'embedment' => 60,
            'tension_N' => 2500,
            'shear_N' => 2000,
        ],
    ];
    $fixing = Anchoring::of(Doorways::plan('kiln-room', [...$masonry, ...$sheet]))->fixings[0];

    expect($fixing->strength->utilisation)
        ->toEqualWithDelta($fixing->load->shear / 2000 + $fixing->load->tension / 2500, 1e-9)
        ->and($fixing->length?->toMm())
        ->toBe(120.0);
});

test('washers under the standoffs take pull off the bolts', function () {
    $without = Anchoring::of(planned('catches'))->worst()?->load->tension;

    expect(Anchoring::of(planned('catches', ['brief.rules.washers' => true]))->worst()?->load->tension)->toBeLessThan(
        0.8 * $without,
    );
});

test('a board that is longer than what can be had is jointed on studs, clear of the rail’s bolts', function () {
    $plan = Doorways::plan('kiln-room', ['brief.header.thickness' => 38, 'brief.header.lengths' => [1500]]);
    $pieces = BoardPieces::of($plan, $plan->header);
    $lengths = array_map(fn ($length) => $length->toMm(), $pieces->lengths($plan->header));

    expect(array_map(fn ($x) => $x->toMm(), $pieces->joints))
        ->toBe([1788.0])
        ->and(array_sum($lengths))
        ->toBe(2250.0)
        ->and(max($lengths))
        ->toBeLessThanOrEqual(1500.0);
});

test('a board that no stud lets be jointed is said so', function () {
    expect(
        Setout::quick(Doorways::document('kiln-room', ['brief.header.lengths' => [600]]), Doorways::kits())->has(
            FindingCode::BoardJoint,
        ),
    )->toBeTrue();
});

test('in plank that holds alone a bolt is as long as the plank, and thread past it counts nothing', function () {
    $plank = [
        'survey.wall.lining' => ['kind' => 'plank', 'thickness' => 40],
        'survey.studs' => [],
        'survey.solids' => null,
        'brief.backing' => 'direct',
    ];
    $bolts = Anchoring::of(planned('catches', $plank))->railBolts();

    // Grip 36, plank 40, point 4.8: 80.8, so 90; the thread begins 32.3 from the head and counts from the plank's face
    // to its back.
    expect($bolts)->not->toBe([]);
    foreach ($bolts as $bolt) {
        expect($bolt->into)
            ->toBe(Member::Plank)
            ->and($bolt->into->inFile())
            ->toBe('solid')
            ->and($bolt->length?->toMm())
            ->toBe(90.0)
            ->and($bolt->thread)
            ->toEqualWithDelta(40.0, 1e-9);
    }
});

test('a bolt that goes through plank into a stud is held by both', function () {
    $bolts = Anchoring::of(
        planned('catches', [
            'survey.wall.lining' => ['kind' => 'plank', 'thickness' => 40],
            'brief.backing' => 'direct',
            'survey.solids' => null,
        ]),
    )->railBolts();
    $inStud = array_values(array_filter($bolts, fn ($bolt) => $bolt->into === Member::Stud))[0];
    $inPlank = array_values(array_filter($bolts, fn ($bolt) => $bolt->into === Member::Plank))[0];

    expect($inStud->length?->toMm())
        ->toBe(120.0)
        ->and($inStud->strength->withdrawal)
        ->toBeGreaterThan($inPlank->strength->withdrawal);
});

test('plank holds by its own wood', function () {
    $plank = fn (string $wood) => [
        'survey.wall.lining' => ['kind' => 'plank', 'thickness' => 40, 'wood' => $wood],
        'survey.studs' => [],
        'survey.solids' => null,
        'brief.backing' => 'direct',
    ];
    $held = fn (string $wood) => Anchoring::of(planned('catches', $plank($wood)))->railBolts()[0]->strength->withdrawal;

    expect($held('white-oak') / $held('spruce-pine-fir'))
        ->toEqualWithDelta((0.73 / 0.42) ** 1.5, 1e-6)
        ->and($held('plywood'))
        ->toBeNull();
});

test('where a stud and a lintel both take a bolt, it counts as the weaker of them', function () {
    // In the lintel the load runs across the grain.
    $bolt = array_values(
        array_filter(
            Anchoring::of(
                planned('catches', [
                    'brief.backing' => 'direct',
                    'brief.rules.rail_left' => 725,
                    'survey.studs' => [
                        ['x' => 1187, 'width' => 38],
                        ['x' => 1991, 'width' => 38],
                        ['x' => 2393, 'width' => 38],
                        ['x' => 785, 'width' => 38],
                    ],
                ]),
            )->railBolts(),
            fn ($bolt) => $bolt->x->toMm() === 1187.0,
        ),
    )[0];

    expect($bolt->into)->toBe(Member::Solid);
});

test('new holes keep from every hole that holds', function () {
    $studs = array_map(fn (int $x) => ['x' => $x, 'width' => 38], [785, 823, 1190, 1400, 1991, 2391]);
    $place = Anchoring::of(
        planned('catches', [
            'survey.studs' => $studs,
            'survey.solids' => null,
            'brief.backing' => 'site-drilled',
            'brief.rules.rail_left' => 725,
        ]),
    )->place();
    $all = array_map(fn ($x) => $x->toMm(), $place->drilled());
    $gaps = array_map(fn (float $a, float $b) => $b - $a, array_slice($all, 0, -1), array_slice($all, 1));

    expect(array_map(fn ($x) => $x->toMm(), $place->new))
        ->toBe([1400.0])
        ->and(min($gaps))
        ->toBeGreaterThanOrEqual(150.0);
});

test(
    'of several sets of new holes the one with the smallest greatest distance is taken, and no place of it is left out',
    function () {
        $this->forAll(Generators::vector(7, Generators::choose(60, 420)), Generators::choose(0, 1))->then(function (
            array $steps,
            int $own,
        ) {
            $x = 700;
            $studs = [];
            foreach ($steps as $step) {
                $studs[] = ['x' => ($x += $step), 'width' => 38];
            }
            $doorway = DoorwayReader::read(
                Doorways::document('kiln-room', ['survey.studs' => $studs, 'survey.wall.to' => 5000]),
            );
            $plan = Planner::plan($doorway, Doorways::kits()['flat-40-strap']);
            $holding = RailFixings::holding($plan);
            $rail = new Span(Length::mm(650), Length::mm($x + 60));
            $held = $own === 1 ? [Length::mm($studs[3]['x'])] : [];
            $is = array_map(
                fn (Length $at) => intdiv($at->nm, 1_000_000),
                NewHoles::best($rail, $held, $held, $holding, []),
            );
            $places = array_values(
                array_filter(
                    array_column($studs, 'x'),
                    fn (int $at) => $at - 690 >= 0 &&
                        $x + 20 - $at >= 0 &&
                        ($held === [] || abs($at - $studs[3]['x']) >= 150),
                ),
            );
            $greatest = function (array $set) use ($held): int {
                $all = [...$set, ...array_map(fn (Length $at) => intdiv($at->nm, 1_000_000), $held)];
                sort($all);

                return max([
                    0,
                    ...array_map(fn (int $a, int $b) => $b - $a, array_slice($all, 0, -1), array_slice($all, 1)),
                ]);
            };
            $best = PHP_INT_MAX;
            for ($bits = 0; $bits < 1 << count($places); $bits++) {
                $set = array_values(
                    array_filter($places, fn (int $i) => (($bits >> $i) & 1) === 1, ARRAY_FILTER_USE_KEY),
                );
                $isApart =
                    count(
                        array_filter(
                            array_slice($set, 1),
                            fn (int $at, int $i) => $at - $set[$i] < 150,
                            ARRAY_FILTER_USE_BOTH,
                        ),
                    ) === 0;
                $isFull =
                    array_filter(
                        $places,
                        fn (int $at) => array_filter($set, fn (int $other) => abs($other - $at) < 150) === [],
                    ) === [];
                $best = $isApart && $isFull ? min($best, $greatest($set)) : $best;
            }

            expect($greatest($is))->toBe($best);
        });
    },
);

test('the rail of two leaves that pass is sought where its brackets are bolted', function () {
    // A lintel as high as the brackets' rows, not as the rail line.
    $plan = Doorways::plan('reclaim-bay', [
        'brief.backing' => 'direct',
        'survey.wall.lining' => ['kind' => 'gypsum', 'thickness' => 12],
        'survey.solids' => [['kind' => 'lintel', 'x' => [0, 2760], 'y' => [2000, 2350]]],
    ]);
    $rows = array_map(fn ($y) => $y->toMm(), $plan->boltHeights());
    $at = fn (array $y) => Anchoring::of(
        Doorways::plan('reclaim-bay', [
            'brief.backing' => 'direct',
            'survey.wall.lining' => ['kind' => 'gypsum', 'thickness' => 12],
            'survey.solids' => [['kind' => 'lintel', 'x' => [0, 2760], 'y' => $y]],
        ]),
    );
    $low = $at([$rows[0] - 100, $rows[0] - 20]);
    $high = $at([$rows[0] - 20, $rows[1] + 20]);

    expect(count($low->place()->hitPlaces))
        ->toBe(count($low->supports))
        ->and(count($high->place()->hitPlaces))
        ->toBe(count($high->supports))
        ->and(count($high->supports))
        ->toBeGreaterThan(count($low->supports));
});

test('brackets that stops pass may stand under them', function () {
    $studs = [
        'survey.studs' => array_map(fn (int $i) => ['x' => 900 + 600 * $i, 'width' => 38], range(0, 4)),
        'brief.kit' => 'round-22-free',
        'brief.backing' => 'auto',
    ];
    $planned = fn (bool $passes) => Doorways::plan(
        'kiln-room',
        $studs,
        Doorways::kit('round-22-free', ['stop.passes_standoffs' => $passes]),
    );

    // One of four studs lies under a stop: with it the rail is held on the wall, without it a header is taken.
    expect(count($planned(true)->place->hitPlaces ?? []))
        ->toBe(4)
        ->and($planned(true)->header)
        ->toBeNull()
        ->and($planned(false)->header)
        ->not->toBeNull();
});

test(
    'in masonry the rail stays where it is shared, and its holes are told to hold where they keep their distances',
    function () {
        $masonry = ['survey.wall.lining' => ['kind' => 'masonry', 'thickness' => 15], 'survey.studs' => []];
        $anchoring = Anchoring::of(Doorways::plan('kiln-room', [...$masonry, 'brief.backing' => 'masonry']));

        expect(count($anchoring->place()->hitPlaces))
            ->toBe($anchoring->place()->holes)
            ->and($anchoring->place()->holds)
            ->toBeTrue()
            ->and($anchoring->place()->left->nm)
            ->toBe($anchoring->place()->shared->nm)
            ->and(count($anchoring->fixings))
            ->toBe($anchoring->place()->holes);
        // Low over a high opening the holes above it are too near.
        $low = Anchoring::of(
            Doorways::plan('kiln-room', [
                ...$masonry,
                'brief.backing' => 'masonry',
                'survey.opening.height' => [2140, 2140],
                'brief.leaf.height' => 2140,
                'survey.opening.casing' => null,
            ]),
        );
        expect(count($low->place()->hitPlaces))
            ->toBeLessThan($low->place()->holes)
            ->and(count($low->place()->hitPlaces))
            ->toBe(count($low->supports));
    },
);

test('past the last fixing a rail may bend over twice what it goes on', function () {
    expect(Sag::limitOver(200.0, true))
        ->toEqualWithDelta(400 / 360, 1e-12)
        ->and(Sag::limitOver(200.0))
        ->toEqualWithDelta(200 / 360, 1e-12);
});
