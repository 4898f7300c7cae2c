<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Doorway\Cover;
use YokeLine\Format\DoorwayReader;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;
use YokeLine\Planning\NotYetMeasured;
use YokeLine\Setout;
use YokeLine\Ways\Ranking;
use YokeLine\Ways\Search;
use YokeLine\Ways\Way;
use YokeLine\Ways\Weights;

const FEW = ['brief.leaf.stock_widths' => [965], 'brief.leaf.stock_heights' => [2138]];

/** @param  array<string, mixed>  $changes */
function searchOf(string $name, array $changes = FEW): Search
{
    return Search::of(DoorwayReader::read(Doorways::document($name, $changes)), Doorways::kits());
}

/** @param  array<string, mixed>  $changes */
function waysOf(string $name, array $changes = FEW): Ranking
{
    static $kept = [];

    return $kept[$name.json_encode($changes)] ??= (function () use ($name, $changes) {
        $ranking = new Ranking();
        $search = searchOf($name, $changes);
        foreach ($search->ways() as $way) {
            $ranking->add($way);
        }
        $ranking->judge($search->judge());

        return $ranking;
    })();
}

/** What the planner and every check say once a way is taken. */
function taken(Way $way, string $name): Setout
{
    $document = Doorways::document($name, FEW);
    foreach ($way->choice->changes(new LengthWriter(Unit::Millimetre)) as $place => $value) {
        $document = $document->with($place, $value);
    }

    return Setout::quick($document, Doorways::kits());
}

test('a way says what the planner and every check say once it is taken', function (string $name) {
    $every = waysOf($name)->best(Weights::from([]));
    foreach (array_filter($every, fn (int $nth) => $nth % 9 === 0, ARRAY_FILTER_USE_KEY) as $way) {
        $setout = taken($way, $name);
        $settle = array_map(
            fn ($finding) => $finding->code,
            array_filter($setout->findings, fn ($finding) => $finding->severity === Severity::Settle),
        );
        $stops = array_filter($setout->findings, fn ($finding) => $finding->severity === Severity::Stop);
        expect($stops)
            ->toBe([])
            ->and(array_map(fn ($finding) => $finding->code, $way->settle))
            ->toEqualCanonicalizing($settle)
            ->and($way->yokeLine->nm)
            ->toBe($setout->plan?->yokeLine()->nm)
            ->and($way->leafWidth->nm)
            ->toBe($setout->plan->layout->width->size->total->nm);
    }

    expect(count($every))->toBeGreaterThan(8);
})->with(['throwing-room', 'kiln-room', 'clay-store']);

test('a way that no wall holds is among those that do not work, with the reason of its anchoring', function () {
    $search = searchOf('kiln-room');
    $ranking = new Ranking();
    foreach ($search->ways() as $way) {
        $ranking->add($way);
    }
    $before = $ranking->working();
    $ranking->judge($search->judge());
    $reasons = array_map(fn (array $row) => $row['way']->stop?->code, $ranking->reasons());

    expect($ranking->working())
        ->toBeLessThan($before)
        ->and($reasons)
        ->toContain(FindingCode::TooFewStuds)
        ->and($ranking->working() + array_sum(array_column($ranking->reasons(), 'count')))
        ->toBe($ranking->count());
});

test('nothing is called an arrangement that works before it was asked what holds it', function () {
    $search = searchOf('kiln-room');
    $ranking = new Ranking();
    foreach ($search->ways(300) as $way) {
        $ranking->add($way);
    }
    $shown = $ranking->arrangements(Weights::from([]), $search->judge());

    expect($shown)
        ->not->toBe([])
        ->and(array_filter($shown, fn (array $row) => ! $row['way']->isHeld || ! $row['way']->works()))
        ->toBe([]);
});

test('stock that does not reach is not tried, and said', function () {
    $search = searchOf('kiln-room', [
        'brief.leaf.stock_widths' => [600, 650, 700, 965, 1010],
        'brief.leaf.stock_heights' => [1500, 2138],
    ]);
    $widths = $heights = [];
    foreach ($search->ways() as $way) {
        $widths[count($way->choice->hang->leaves()) === 1][] = $way->choice->width?->toMm();
        $heights[] = $way->choice->height?->toMm();
    }

    expect(array_intersect($widths[true], [600.0, 650.0, 700.0]))
        ->toBe([])
        ->and($widths[true])
        ->toContain(1010.0)
        ->and($heights)
        ->not->toContain(1500.0)
        ->and($search->tooSmall)
        ->toBeGreaterThan(0);
});

test('what is not worked in one go is worked when it is asked for', function () {
    $search = searchOf('kiln-room', ['brief.leaf.stock_widths' => range(900, 1400, 25)]);
    $nearest = iterator_to_array($search->ways(200), false);
    $widest = fn (array $ways) => max(array_map(fn (Way $way) => $way->choice->width?->toMm() ?? 0, $ways));

    expect($search->count())
        ->toBeGreaterThan(200)
        ->and(count(iterator_to_array($search->ways(PHP_INT_MAX), false)))
        ->toBeGreaterThan(count($nearest))
        ->and($widest($nearest))
        ->toBeLessThan($widest(iterator_to_array($search->ways(PHP_INT_MAX), false)));
});

test('just enough covers by just enough, whatever the house has for the rest', function () {
    $ways = iterator_to_array(
        searchOf('kiln-room', ['brief.leaf.stock_widths' => [], 'brief.rules.side_overlap' => null])->ways(),
        false,
    );
    $justEnough = array_filter(
        $ways,
        fn (Way $way) => $way->choice->cover === Cover::JustEnough && count($way->choice->hang->leaves()) === 1,
    );

    expect($justEnough)
        ->not->toBe([])
        ->and(array_filter($justEnough, fn (Way $way) => $way->overlap->toMm() !== 15.0))
        ->toBe([]);
});

test('an unmeasured doorway says what to measure', function () {
    expect(fn () => searchOf('drying-niche', ['survey.opening.width' => null]))->toThrow(NotYetMeasured::class);
});

test('no best trade-off is beaten by any way', function () {
    $ranking = waysOf('kiln-room');
    $beaten = array_filter(
        $ranking->tradeOffs(),
        fn (Way $best) => array_filter($ranking->best(Weights::from([])), fn (Way $other) => $other->beats($best)) !== [],
    );

    expect($ranking->tradeOffs())->not->toBeEmpty()->and($beaten)->toBe([]);
});

test('what is weighed more stands further up', function () {
    $ranking = waysOf('kiln-room');
    $context = $ranking->best(
        Weights::from([])->with(['sight' => 10, 'sound' => 0, 'light' => 0, 'space' => 0, 'looks' => 0, 'ease' => 0]),
    )[0];
    $space = $ranking->best(
        Weights::from([])->with(['sight' => 0, 'sound' => 0, 'light' => 0, 'space' => 10, 'looks' => 0, 'ease' => 0]),
    )[0];

    expect($context->overlap->nm)
        ->toBeGreaterThanOrEqual($space->overlap->nm)
        ->and($space->passage->nm)
        ->toBeGreaterThanOrEqual($context->passage->nm);
});

test('weights start from what the leaf is for, ranked', function () {
    expect(Weights::from(['sound', 'sight'])->of)->toMatchArray(['sound' => 10, 'sight' => 8, 'light' => 2]);
});

test('of ways that fail for one reason the one asked for first is shown, whichever was judged first', function () {
    $told = [];
    foreach ([false, true] as $isLastFirst) {
        $ranking = new Ranking();
        $search = searchOf('glaze-store', ['brief.leaf.stock_widths' => [38]]);
        foreach ($search->ways() as $way) {
            $ranking->add($way);
        }
        // Those that look best are judged as soon as they are shown; what is best hangs on what is wanted.
        $isLastFirst && $ranking->arrangements(Weights::from(['sight']), $search->judge());
        $ranking->judge($search->judge());
        $reasons = array_map(fn (array $one) => [$one['count'], $one['way']->sameAs()], $ranking->reasons());
        sort($reasons);
        $told[] = $reasons;
    }

    expect($told[0])->not->toBe([])->and($told[1])->toBe($told[0]);
});
