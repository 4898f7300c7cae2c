<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Doorway\PlusMinus;
use YokeLine\Format\DoorwayReader;
use YokeLine\Measure\Length;
use YokeLine\Planner\Planner;
use YokeLine\Recovery\OnSite;
use YokeLine\Tolerance\Clearance;
use YokeLine\Tolerance\Pick;

/** As good tools and makers do. */
function usualPlusMinus(): PlusMinus
{
    return Doorways::plan()->doorway->marking->plusMinus;
}

/** @return array<string, mixed> */
function workedTolerance(): array
{
    return json_decode((string) file_get_contents(__DIR__.'/../Support/work/tolerance.json'), true);
}

/** @return array<string, Clearance> */
function clearances(string $name = 'kiln-room', ?PlusMinus $by = null): array
{
    return array_column(Clearance::of(Doorways::plan($name), $by ?? usualPlusMinus()), null, 'name');
}

dataset(
    'rows',
    fn () => array_column(array_map(fn (array $row) => [$row['row'], [$row]], workedTolerance()['rows']), 1, 0),
);

test('a row of the worked tolerance comes out', function (array $row) {
    $mine = clearances()[$row['row']];

    expect($mine->value->toMm())
        ->toEqualWithDelta($row['value'], 0.001)
        ->and($mine->wanted?->toMm())
        ->toEqual($row['wanted'])
        ->and($mine->worst)
        ->toEqualWithDelta($row['worst'], 0.001)
        ->and($mine->rss)
        ->toEqualWithDelta($row['rss'], 0.001)
        ->and($mine->least())
        ->toEqualWithDelta($row['least'], 0.001)
        ->and($mine->verdict())
        ->toBe($row['verdict'])
        ->and($mine->mattersMost())
        ->toBe($row['matters_most'])
        ->and($mine->rssWithoutIt())
        ->toEqualWithDelta($row['rss_without_it'], 0.001)
        ->and(array_map(fn (float $effect) => round($effect, 3), $mine->effects))
        ->toEqual(array_map(fn (float $effect) => round($effect, 3), array_column($row['inputs'], 'effect', 'input')));
})->with('rows');

test('no row comes out that the worked case does not have', function () {
    expect(array_keys(clearances()))->toEqualCanonicalizing(array_column(workedTolerance()['rows'], 'row'));
});

test('the measurements that would turn a choice come out', function () {
    $plan = Doorways::plan();
    $picks = Pick::of(new OnSite(Doorways::document(), $plan), usualPlusMinus());
    $said = array_map(
        fn (Pick $pick) => [
            'pick' => $pick->pick,
            'now' => $pick->now->toMm(),
            'becomes' => $pick->becomes->toMm(),
            'input' => $pick->input,
            'by' => round($pick->by->toMm(), 2),
        ],
        $picks,
    );

    expect($said)->toEqualCanonicalizing(workedTolerance()['picks']);
});

test('a choice turns at the change that is told, not a hair before, and where none is told it does not turn', function (
    int $seed,
) {
    mt_srand($seed);
    $readings = array_map(
        fn (int $i) => (object) ['x' => 60 + 240 * $i, 'level' => mt_rand(-60, 60) / 10],
        range(0, 14),
    );
    $document = Doorways::document('kiln-room', [
        'survey.floor.readings' => $readings,
        'brief.leaf.stock_heights' => range(2060, 2100, 2),
    ]);
    $site = new OnSite($document, Planner::plan(DoorwayReader::read($document), Doorways::kits()['flat-40-strap']));
    $tall = fn (string $input, Length $by) => $site->again([
        $input => Length::nm(
            (int) round(1e6 * $readings[(int) filter_var($input, FILTER_SANITIZE_NUMBER_INT)]->level),
        )->plus($by),
    ])->heights->leaf->size->total;
    $now = $site->plan->heights->leaf->size->total;
    $told = [];
    foreach (
        array_filter(
            Pick::of($site, usualPlusMinus()),
            fn (Pick $pick) => $pick->pick === 'leaf.height' && str_contains($pick->input, 'readings'),
        ) as $pick
    ) {
        $told["{$pick->input} ".($pick->by <=> Length::zero())] = true;
        $less = Length::nm(10_000)->times($pick->by->isNegative() ? 1 : -1);
        expect($tall($pick->input, $pick->by)->nm)
            ->toBe($pick->becomes->nm)
            ->and($tall($pick->input, $pick->by->plus($less))->nm)
            ->toBe($now->nm);
    }
    foreach ([1, -1] as $way) {
        foreach (array_keys($readings) as $i) {
            $input = "survey.floor.readings[{$i}].level";
            if (! isset($told["{$input} {$way}"])) {
                expect($tall($input, usualPlusMinus()->level->times(2 * $way))->nm)->toBe($now->nm, $input);
            }
        }
    }
})->with(range(1, 6));

test('a clearance says what the plan says', function (string $name) {
    $plan = Doorways::plan($name);
    $rows = clearances($name);
    foreach ($plan->floor->places() as $x) {
        $key = 'floor-gap@'.rtrim(rtrim(sprintf('%.3f', $x->toMm()), '0'), '.');
        expect($rows[$key]->value->nm)->toBe($plan->gapAt($x)->nm, "{$name} {$key}");
    }
    expect($rows['top-gap-least']->value->plus($plan->kit->topGap->low)->nm)->toBe($plan->heights->topGap->total->nm);
    if (isset($rows['guide-bite'])) {
        expect($rows['guide-bite']->value->nm)->toBe(array_values($plan->guides)[0]->hold->total->nm);
    }
    $backs = array_filter($rows, fn (Clearance $row) => str_starts_with($row->name, 'back-'));
    if ($backs !== []) {
        expect(min(array_map(fn (Clearance $row) => $row->value->nm, $backs)))->toBe(
            $plan->innerDepth()->clearance->total->nm,
        );
    }
    if (isset($rows['headroom'])) {
        expect($rows['headroom']->value->nm)->toBe(
            $plan->room->headroom->minus($plan->heights->headroomNeeded->total)->nm,
        );
    }
})->with([
    'kiln-room',
    'glaze-store',
    'clay-store',
    'packing-loft',
    'map-archive',
    'reclaim-bay',
    'throwing-room',
    'loading-bay',
    'slip-store',
    'meter-room',
]);

test('tools that are twice as rough make a clearance twice as unsure', function () {
    $usual = usualPlusMinus();
    $rough = new PlusMinus(...array_map(fn (Length $by) => $by->times(2), get_object_vars($usual)));
    $twice = clearances('kiln-room', $rough);
    foreach (clearances() as $name => $row) {
        expect($twice[$name]->rss)->toEqualWithDelta(2 * $row->rss, 0.0001, $name);
    }
});

test('every demo doorway is told how sure it is, and nothing is worse than its worst', function (string $name) {
    foreach (clearances($name) as $row) {
        expect($row->worst)
            ->toBeGreaterThanOrEqual($row->rss - 1e-9, $row->name)
            ->and($row->rssWithoutIt())
            ->toBeLessThanOrEqual($row->rss + 1e-9, $row->name);
    }
})->with(['glaze-store', 'map-archive', 'reclaim-bay', 'throwing-room', 'slip-store']);

test('a clearance that the plan works out is the one that the check of tolerance starts from', function (string $name) {
    $plan = Doorways::plan($name);
    $told = array_map(fn (Clearance $one) => $one->value->nm, clearances($name));
    $least = $plan->kit->topGap->low->plus(Length::nm($told['top-gap-least']));
    $behind = array_filter($told, fn (string $row) => str_starts_with($row, 'back-'), ARRAY_FILTER_USE_KEY);

    expect($least->nm)->toBe($plan->heights->topGap->total->nm);
    if ($behind !== []) {
        expect(min($behind))->toBe($plan->innerDepth()->clearance->total->nm);
    }
    foreach ($plan->leaves() as $leaf) {
        $row = $told[$leaf->isAlone ? 'guide-bite' : "{$leaf->name}-guide-bite"] ?? null;
        if ($row !== null) {
            expect($row)->toBe($leaf->guide->hold->total->nm);
        }
    }
})->with(['kiln-room', 'glaze-store', 'packing-loft', 'clay-store', 'map-archive', 'reclaim-bay']);
