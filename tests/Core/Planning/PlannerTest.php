<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Doorway\FloorReading;
use YokeLine\Format\PlanWriter;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\Floor;
use YokeLine\Planning\NotYetMeasured;
use YokeLine\Planning\Plan;
use YokeLine\Planning\Slide;

uses(Eris\TestTrait::class);

/** Every number of a plan, flat: place => value. */
function flat(array $values, string $place = ''): array
{
    $flat = [];
    foreach ($values as $key => $value) {
        $flat += is_array($value) ? flat($value, "{$place}.{$key}") : ["{$place}.{$key}" => $value];
    }

    return $flat;
}

function mm(Length $length): float
{
    return $length->toMm();
}

test('the kiln room comes out as expected, to a millionth', function () {
    $expected = json_decode((string) file_get_contents(__DIR__.'/../Support/kiln-room.plan.json'), true);
    $plan = flat(PlanWriter::write(Doorways::plan(), []));
    foreach (flat($expected) as $place => $value) {
        expect($plan)->toHaveKey($place)->and($plan[$place])->toEqualWithDelta($value, 1e-6, $place);
    }
});

test('a doorway in inches comes out as expected, on its tape', function (string $name) {
    $file = (string) file_get_contents(__DIR__."/../Support/inches/{$name}.plan.json");
    $expected = json_decode($file, true);
    $plan = flat(PlanWriter::write(Doorways::plan("in {$name}"), []));
    unset($expected['findings']);
    foreach (flat($expected) as $place => $value) {
        is_float($value) || is_int($value)
            ? expect($plan[$place])->toEqualWithDelta($value, 1e-6, $place)
            : expect($plan[$place])->toBe($value, $place);
    }
})->with(['throwing-room', 'drying-loft']);

test('two leaves that meet come out as expected, to a millionth', function () {
    $expected = json_decode((string) file_get_contents(__DIR__.'/../Support/map-archive.plan.json'), true);
    $plan = flat(PlanWriter::write(Doorways::plan('map-archive'), []));
    foreach (flat($expected) as $place => $value) {
        is_float($value)
            ? expect($plan[$place])->toEqualWithDelta($value, 1e-6, $place)
            : expect($plan[$place])->toEqual($value, $place);
    }
});

test('two leaves that pass each other come out as worked by hand', function () {
    $plan = Doorways::plan('reclaim-bay');
    $written = PlanWriter::write($plan, []);

    expect($written['mid_overlap'])
        ->toBe(182.0)
        ->and($written['leaf']['need_width'])
        ->toBe(985.0)
        ->and($written['leaves'])
        ->toBe([
            'rear' => ['closed' => [440.0, 1456.0], 'travel' => 834.0],
            'front' => ['closed' => [1274.0, 2290.0], 'travel' => 834.0],
        ])
        ->and($written['clear_width'])
        ->toBe(['left' => 804.0, 'right' => 804.0])
        ->and($written['rail_holes'])
        ->toBe([205.0, 591.666667, 978.333333, 1365.0, 1751.666667, 2138.333333, 2525.0])
        ->and($written['depth']['between_leaves'])
        ->toBe(14.0)
        ->and($written['depth']['front']['rail_centre'])
        ->toBe(113.0)
        ->and($written['header']['bottom'])
        ->toBe(2075.833333);
});

test('stock for leaves that pass each other gets no tolerance', function () {
    expect(
        mm(Doorways::plan('reclaim-bay', ['brief.leaf.stock_widths' => [984.5, 1000]])->layout->width->size->total),
    )->toBe(1000.0);
});

test('a pair of leaves that meet is its own mirror image on a wall that is', function () {
    $changes = [
        'survey.wall.from' => 0,
        'survey.wall.to' => 5095,
        'survey.opening.left' => 1725,
        'survey.opening.width' => [1645],
    ];
    $layout = Doorways::plan('map-archive', $changes)->layout;
    $flip = fn (Span $span) => $span->mirrored()->shifted(Length::mm(5095));

    expect($layout->runs['right']->closed())
        ->toEqual($flip($layout->runs['left']->closed()))
        ->and($layout->runs['right']->open())
        ->toEqual($flip($layout->runs['left']->open()))
        ->and($layout->guideWindows['right']->span())
        ->toEqual($flip($layout->guideWindows['left']->span()));
});

test('the slide of each leaf of a pair ends at its passage', function (string $name, string $leaf, float $passage) {
    $plan = Doorways::plan($name);
    $frames = Slide::frames($plan, $plan->leaves()[$leaf]);

    expect(mm(end($frames)['passage']))
        ->toBe($passage)
        ->and(mm($frames[0]['covered']))
        ->toBe(mm($plan->room->opening->span()->length()) - ($plan->layout->meeting === null ? 0.0 : 4.0));
})->with([
    ['map-archive', 'left', 824.5],
    ['map-archive', 'right', 824.5],
    ['reclaim-bay', 'rear', 804.0],
    ['reclaim-bay', 'front', 804.0],
]);

test('the glaze store, in inches and opening left, comes out as worked by hand', function () {
    $plan = Doorways::plan('glaze-store');

    expect(mm($plan->rail->span->low))
        ->toBe(679.6625)
        ->and(mm($plan->rail->span->high))
        ->toBe(2379.6625)
        ->and(array_map(mm(...), $plan->rail->holes))
        ->toBe([769.6625, 1276.329167, 1782.995833, 2289.6625])
        ->and(mm($plan->layout->width->size->total))
        ->toBe(863.6)
        ->and(mm($plan->yokeLine()))
        ->toBe(2114.55);
});

test('the least stock size that serves is taken, a millimetre short at the most', function (
    mixed $stock,
    float $width,
) {
    expect(mm(Doorways::plan(changes: ['brief.leaf.stock_widths' => $stock])->layout->width->size->total))->toBe(
        $width,
    );
})->with([[[900, 959, 1000], 959.0], [[900, 958.9, 1000], 1000.0], [[900], 960.0], [[], 960.0]]);

test('a made-to-order size is rounded up by the units of the document', function () {
    expect(mm(Doorways::plan('glaze-store', ['brief.leaf.stock_widths' => []])->layout->width->size->total))
        ->toBe(847.725)
        ->and(mm(Doorways::plan(changes: ['brief.leaf.stock_heights' => []])->heights->leaf->size->total))
        ->toBe(2139.0);
});

test('stock that is higher than the room is passed over', function () {
    $plan = Doorways::plan(changes: ['brief.leaf.stock_heights' => [2200], 'survey.wall.ceiling' => 2300]);

    expect(mm($plan->heights->leaf->size->total))
        ->toBe(2139.0)
        ->and($plan->heights->leaf->origin)
        ->toBe('made-to-order');
});

test('the backing rules the needed height as the header is aligned', function (array $changes, float $needed) {
    expect(mm(Doorways::plan(changes: $changes)->heights->leaf->needed->total))->toEqualWithDelta($needed, 1e-6);
})->with([
    'centred' => [[], 2138.011494],
    'rail low' => [['brief.header.align' => 'rail-low', 'brief.header.reveal' => 25], 2113.011494],
    'on the casing' => [['brief.header.align' => 'on-casing'], 2098.011494],
    'direct' => [['brief.backing' => 'direct'], 2084.011494],
    'cover' => [['brief.rules.head_overlap' => 150], 2189.011494],
]);

test('the wall cuts the travel and with it the passage', function () {
    $plan = Doorways::plan(changes: ['survey.wall.to' => 2700]);

    expect(mm($plan->layout->runs['leaf']->travel->total))
        ->toBe(853.0)
        ->and(mm($plan->layout->runs['leaf']->wanted->total))
        ->toBe(912.0)
        ->and(mm($plan->layout->passages['clear']->total))
        ->toBe(805.0);
});

test('travel and passage are never below nothing', function () {
    $plan = Doorways::plan(changes: ['survey.wall.to' => 1780]);

    expect(mm($plan->layout->runs['leaf']->travel->total))
        ->toBe(0.0)
        ->and(mm($plan->layout->passages['clear']->total))
        ->toBe(0.0)
        ->and($plan->layout->runs['leaf']->wanted->total->isPositive())
        ->toBeTrue();
});

test('a rail that no stock serves is cut to the next five millimetres', function () {
    $kit = Doorways::kit('flat-40-strap', ['rail.lengths' => [1525, 1830]]);
    $plan = Doorways::plan(kit: $kit);

    expect(mm($plan->rail->length->total))
        ->toBe(1915.0)
        ->and(count($plan->rail->pieces))
        ->toBe(1)
        ->and($plan->rail->origin)
        ->toBe('cut');
});

test('a long rail comes in equal pieces with holes at both sides of each joint', function () {
    $plan = Doorways::plan(kit: Doorways::kit('flat-40-strap', ['rail.splice_over' => 1800]));
    $joint = mm($plan->rail->span->middle());

    expect(count($plan->rail->pieces))
        ->toBe(2)
        ->and(array_map(mm(...), $plan->rail->holes))
        ->toContain($joint - 60, $joint + 60);
});

test('a guide gets no place in a window that is too short for it', function () {
    $plan = Doorways::plan(changes: ['brief.leaf.width' => 955]);

    expect($plan->guides['guide']->at)
        ->toBeNull()
        ->and(mm($plan->guides['guide']->shortfall))
        ->toBe(5.0)
        ->and(mm($plan->guides['guide']->window->length()))
        ->toBe(33.0);
});

test('a roller on the wall clears the casing', function () {
    expect(mm(Doorways::plan(changes: ['brief.kit' => 'flat-40-top'])->guides['guide']->window->low))->toBe(1839.0);
});

test('an obstacle counts where the leaf sweeps past it, and only there', function (array $obstacle, float $proud) {
    expect(
        mm(
            Doorways::plan(
                changes: ['survey.obstacles' => [$obstacle + ['name' => 'shelf', 'kind' => 'shelf']]],
            )->innerDepth()->proud->total,
        ),
    )->toBe($proud);
})->with([
    'behind the open leaf' => [['x' => [2500, 2600], 'y' => [1000, 1100], 'projection' => 44], 44.0],
    'past its end' => [['x' => [2800, 2900], 'y' => [1000, 1100], 'projection' => 44], 19.0],
    'over its top' => [['x' => [2500, 2600], 'y' => [2200, 2300], 'projection' => 44], 19.0],
]);

test('the head is the highest of its heights from the floor below each', function () {
    expect(mm(Doorways::plan(changes: ['survey.opening.height' => [2053]])->heights->head->total))->toEqualWithDelta(
        2052.997701,
        1e-6,
    );
});

test('the floor is straight between readings, flat beyond, and level without any', function () {
    $floor = Floor::under(
        [new FloorReading(Length::mm(100), Length::mm(0)), new FloorReading(Length::mm(300), Length::mm(4))],
        new Span(Length::mm(0), Length::mm(250)),
    );

    expect(array_map(fn (int $x) => mm($floor->at(Length::mm($x))), [0, 100, 200, 250, 300, 900]))
        ->toBe([-3.0, -3.0, -1.0, 0.0, 1.0, 1.0])
        ->and(mm($floor->fall()))
        ->toBe(3.0)
        ->and(mm(Floor::under([], new Span(Length::zero(), Length::mm(9)))->at(Length::mm(5))))
        ->toBe(0.0);
});

test('a half-measured survey says what is missing instead of planning', function () {
    expect(fn () => Doorways::plan('wedging-room'))->toThrow(NotYetMeasured::class, 'ceiling');
});

test('the mirror image of a doorway has the mirror image of its plan', function () {
    $this->forAll(Doorways::any())->then(function (array $changes) {
        $plan = Doorways::plan(changes: $changes);
        $mirror = Doorways::plan(changes: mirrorOf($changes));
        $flip = fn (Span $span) => $span->mirrored();

        expect($mirror->layout->runs['leaf']->closed())
            ->toEqual($flip($plan->layout->runs['leaf']->closed()))
            ->and($mirror->layout->runs['leaf']->open())
            ->toEqual($flip($plan->layout->runs['leaf']->open()))
            ->and($mirror->rail->span)
            ->toEqual($flip($plan->rail->span))
            ->and($mirror->guides['guide']->window)
            ->toEqual($flip($plan->guides['guide']->window))
            ->and($mirror->header?->span)
            ->toEqual($plan->header === null ? null : $flip($plan->header->span))
            ->and($mirror->layout->passages['clear']->total)
            ->toEqual($plan->layout->passages['clear']->total)
            ->and(abs($mirror->yokeLine()->nm - $plan->yokeLine()->nm))
            ->toBeLessThanOrEqual(2);
    });
});

test('the shut leaf covers what it must, to the tape', function () {
    $this->forAll(Doorways::any())->then(function (array $changes) {
        $plan = Doorways::plan(changes: $changes);
        $must = $plan->layout->covering->span();
        $shut = $plan->layout->runs['leaf']->closed();
        $open = max(0, $shut->low->nm - $must->low->nm) + max(0, $must->high->nm - $shut->high->nm);

        expect($open)->toBeLessThanOrEqual(1_000_000);
    });
});

test('a rail lies inside the wall, is long enough where the wall is, and its holes lie in it', function () {
    $this->forAll(Doorways::any())->then(function (array $changes) {
        $rail = Doorways::plan(changes: $changes)->rail;
        $wall = Doorways::plan(changes: $changes)->room->wall;
        $holes = array_map(fn (Length $hole) => $hole->nm, $rail->holes);

        expect($rail->span->low->nm)
            ->toBeGreaterThanOrEqual($wall->low->nm)
            ->and($rail->span->high->nm)
            ->toBeLessThanOrEqual($wall->high->nm)
            ->and($rail->length->total->nm)
            ->toBeGreaterThanOrEqual(min($rail->least->total->nm, $wall->length()->nm))
            ->and(min($holes))
            ->toBeGreaterThanOrEqual($rail->span->low->nm)
            ->and(max($holes))
            ->toBeLessThanOrEqual($rail->span->high->nm);
        $sorted = $holes;
        sort($sorted);
        expect($holes)->toBe($sorted);
    });
});

test('the leaf never leaves its floor and never sinks into it', function () {
    $this->forAll(Doorways::any())->then(function (array $changes) {
        $plan = Doorways::plan(changes: $changes);
        foreach ($plan->floor->places() as $x) {
            expect($plan->gapAt($x)->nm)
                ->toBeGreaterThanOrEqual($plan->heights->gap->low->nm)
                ->toBeLessThanOrEqual($plan->heights->gap->high->nm);
        }
    });
});

test('between two frames of the slide every number is straight', function () {
    $this->limitTo(40)
        ->forAll(Doorways::any())
        ->then(function (array $changes) {
            $plan = Doorways::plan(changes: $changes);
            $frames = Slide::frames($plan, array_values($plan->leaves())[0]);
            for ($i = 1; $i < count($frames); $i++) {
                $middle = Slide::frame(
                    $plan,
                    array_values($plan->leaves())[0],
                    $frames[$i - 1]['by']->plus($frames[$i]['by'])->half(),
                );
                foreach (['leading', 'trailing', 'gapLeading', 'gapTrailing', 'passage', 'covered'] as $name) {
                    expect(
                        abs($middle[$name]->nm - $frames[$i - 1][$name]->plus($frames[$i][$name])->half()->nm),
                    )->toBeLessThanOrEqual(3, $name);
                }
            }
        });
});

test('the slide ends at the passage that the plan gives', function () {
    $this->forAll(Doorways::any())->then(function (array $changes) {
        $plan = Doorways::plan(changes: $changes);
        $frames = Slide::frames($plan, array_values($plan->leaves())[0]);

        expect($frames[0]['by']->isZero())
            ->toBeTrue()
            ->and(end($frames)['passage'])
            ->toEqual($plan->layout->passages['clear']->total);
    });
});

test('every sum of a plan adds up to its number', function () {
    $this->limitTo(40)
        ->forAll(Doorways::any())
        ->then(function (array $changes) {
            foreach (Doorways::plan(changes: $changes)->sums() as $key => $sum) {
                if ($sum->kind === 'sum') {
                    expect(array_sum(array_map(fn ($term) => $term->sign * $term->value->nm, $sum->terms())))->toBe(
                        $sum->total->nm,
                        $key,
                    );
                }
            }
        });
});

/** @param  array<string, mixed>  $changes */
function mirrorOf(array $changes): array
{
    $opening = $changes['survey.opening'];
    $right = $opening['left'] + max($opening['width']);

    return [
        ...$changes,
        'survey.wall.from' => -$changes['survey.wall.to'],
        'survey.wall.to' => -$changes['survey.wall.from'],
        'survey.opening' => [
            ...$opening,
            'left' => -$right,
            'height' => array_reverse($opening['height']),
            'casing' => [
                ...$opening['casing'],
                'left' => $opening['casing']['right'],
                'right' => $opening['casing']['left'],
            ],
        ],
        'survey.floor.readings' => array_map(
            fn (array $at) => ['x' => -$at['x'], 'level' => $at['level']],
            $changes['survey.floor.readings'],
        ),
        'survey.studs' => array_map(
            fn (stdClass $stud) => ['x' => -$stud->x, 'width' => $stud->width],
            (array) Doorways::document()->get('survey.studs'),
        ),
        'brief.opens' => $changes['brief.opens'] === 'left' ? 'right' : 'left',
    ];
}

test('an obstacle that is moved before the work is in nobody’s way', function (bool $moved, int $count) {
    $shelf = (object) [
        'kind' => 'shelf', 'x' => [2500, 2600], 'y' => [0, 1100], 'projection' => 120, 'moved' => $moved,
    ];
    $plan = Doorways::plan('kiln-room', ['survey.obstacles' => [$shelf]]);

    expect($plan->room->obstacles)->toHaveCount($count);
})->with([[true, 0], [false, 1]]);

test('what hangs of a leaf that was weighed is what it weighs, however it is built', function (?int $weighed) {
    [$name, $built] = Doorways::ofEveryKind()['kiln-room joined'];
    $plan = Doorways::plan($name, [...$built, 'brief.leaf.mass_kg' => $weighed]);
    $kg = $weighed ?? $plan->madeLeaf('leaf')?->kg;

    expect($kg)->not->toBeNull()
        ->and($plan->hungKgOf('leaf'))->toBe($kg + $plan->doorway->brief->leaf->hardwareKg);
})->with([33, null]);

test('a fin runs in the channel that is built for it, else in the middle of the leaf', function (
    string $of,
    float $at,
) {
    [$name, $changes] = Doorways::ofEveryKind()[$of];

    expect(Doorways::plan($name, $changes)->finFromBack()->toMm())->toBe($at);
})->with([['kiln-room framed', 12.0], ['kiln-room planked', 30.0], ['kiln-room', 20.0]]);
