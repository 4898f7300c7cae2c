<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;
use YokeLine\Recovery\Bounces;
use YokeLine\Recovery\HazardFound;
use YokeLine\Recovery\HoleMissed;
use YokeLine\Recovery\KitDiffers;
use YokeLine\Recovery\LeafDiffers;
use YokeLine\Recovery\LeafRubs;
use YokeLine\Recovery\Line;
use YokeLine\Recovery\LineHigh;
use YokeLine\Recovery\LineOutOfLevel;
use YokeLine\Recovery\OffGuide;
use YokeLine\Recovery\OnSite;
use YokeLine\Recovery\WallEnds;
use YokeLine\Recovery\WayOut;
use YokeLine\Recovery\WrongEdge;
use YokeLine\Work\StepKind;

/** @return array<string, mixed> one row of the worked ways */
function workedWays(string $row, ?int $example = null): array
{
    $found = json_decode((string) file_get_contents(__DIR__.'/../Support/work/ways.json'), true)['rows'][$row];

    return $example === null ? $found : $found['examples'][$example];
}

/**
 * @param  list<string>  $done
 * @param  array<string, mixed>  $changes
 */
function onSite(string $name = 'kiln-room', array $done = [], array $changes = []): OnSite
{
    $document = Doorways::document($name, $changes);
    $plan = Doorways::plan($name, $changes);

    return new OnSite($document, $plan, array_map(StepKind::from(...), $done));
}

function inMm(int|float $mm): Length
{
    return Length::nm((int) round($mm * 1_000_000));
}

/** What a worked way says besides its numbers, and any text. */
const BESIDE_NUMBERS = ['id', 'works', 'redo', 'redo_minutes', 'harm'];

/** Every number of a way that the worked case has, to 0.001. */
function expectWay(WayOut $way, array $worked): void
{
    expect($way->works)
        ->toBe($worked['works'], "{$way->id} works")
        ->and($way->harm)
        ->toBe($worked['harm'], "{$way->id} harm");
    if ($way->works) {
        expect(array_column($way->redo, 'value'))
            ->toBe($worked['redo'], "{$way->id} redo")
            ->and($way->minutes)
            ->toBe($worked['redo_minutes'], "{$way->id} minutes");
    }
    $compare = function (mixed $mine, mixed $wanted, string $at) use (&$compare): void {
        $mine =
            $mine instanceof Length
                ? $mine->toMm()
                : ($mine instanceof Span
                    ? [$mine->low->toMm(), $mine->high->toMm()]
                    : $mine);
        if (is_array($wanted)) {
            expect(count((array) $mine))->toBeGreaterThanOrEqual(count($wanted), $at);
            foreach ($wanted as $key => $value) {
                $compare(((array) $mine)[$key] ?? null, $value, "{$at}.{$key}");
            }
        } elseif (is_int($wanted) || is_float($wanted)) {
            expect($mine)->toEqualWithDelta($wanted, 0.001, $at);
        } elseif (is_bool($wanted)) {
            expect($mine)->toBe($wanted, $at);
        }
    };
    $numbers = array_filter(
        array_diff_key($worked, array_flip(BESIDE_NUMBERS)),
        fn (mixed $one) => ! is_string($one),
    );
    foreach ($numbers as $key => $wanted) {
        expect($way->numbers)->toHaveKey($key, message: "{$way->id} has no {$key}");
        $compare($way->numbers[$key], $wanted, "{$way->id}.{$key}");
    }
}

/** @param  list<WayOut>  $ways */
function expectWays(array $ways, array $worked): void
{
    $by = array_column($ways, null, 'id');
    foreach ($worked['ways'] as $one) {
        expectWay($by[$one['id']] ?? throw new RuntimeException("There is no way {$one['id']}."), $one);
    }
    expect(
        array_map(fn (WayOut $way) => $way->id, array_values(array_filter($ways, fn (WayOut $way) => $way->works))),
    )->toBe($worked['rank']);
}

/** @param  list<array{x: float, as_built_minus_plan: float}>  $readings */
function builtLine(OnSite $site, array $readings): LineOutOfLevel
{
    return new LineOutOfLevel(
        $site,
        Line::through(array_map(fn (array $one) => [inMm($one['x']), inMm($one['as_built_minus_plan'])], $readings)),
        array_values($site->plan->leaves()),
    );
}

test('a line out of level: creep, gaps, lean, bite and the ways out come out', function (string $row, int $example) {
    $worked = workedWays($row, $example);
    $found = builtLine(onSite(done: ['board-fix', 'bore-board', 'rail-up']), $worked['readings']);
    $leaf = Doorways::plan()->leaves()['leaf'];
    foreach ($worked['creep_mm_per_m'] as $i => $stretch) {
        expect($found->creep($leaf)[$i]['from']->toMm())
            ->toEqualWithDelta($stretch['from'], 0.001)
            ->and($found->creep($leaf)[$i]['to']->toMm())
            ->toEqualWithDelta($stretch['to'], 0.001)
            ->and($found->creep($leaf)[$i]['creep'])
            ->toEqualWithDelta($stretch['creep'], 0.001);
    }
    foreach (['shut' => $leaf->run->closed(), 'open' => $leaf->run->open()] as $when => $where) {
        expect(array_map(fn (Length $length) => round($length->toMm(), 3), $found->hanging($leaf->run, $where)))
            ->toEqual(array_map(fn (float $mm) => round($mm, 3), $worked[$when]), $when)
            ->and($found->bites($leaf)[$when]->toMm())
            ->toEqualWithDelta($worked['guide_bite'][$when], 0.001);
    }
    expect($found->creeps())->toBe($worked['creeps'])->and($found->pull())->toEqualWithDelta($worked['pull_N'], 0.001);
    expectWays($found->ways(), $worked);
})->with([['line-out-of-level', 0], ['line-out-of-level', 1], ['leaf-creeps-bow', 0]]);

test('a line too high or too low', function (int $example, array $done) {
    $worked = workedWays('line-high-or-low', $example);
    expectWays(
        (new LineHigh(
            onSite(done: $done, changes: ['brief.leaf.trim_limit' => 20]),
            inMm($worked['line_too_high_by']),
        ))->ways(),
        $worked,
    );
})->with([[0, []], [1, ['bore-leaf', 'groove']]]);

test('a hole that missed its stud', function () {
    expectWays((new HoleMissed(onSite('glaze-store')))->ways(), workedWays('hole-missed-stud'));
});

test('a cable behind a hole', function () {
    $worked = workedWays('cable-behind-hole');
    $found = new HazardFound(onSite(), new Span(inMm(1990), inMm(1990)), 'cable');

    expect(array_map(fn (Length $x) => $x->toMm(), $found->hit()['rail_holes']))
        ->toBe($worked['hit']['rail_holes'])
        ->and(array_map(fn (Length $x) => $x->toMm(), $found->hit()['studs']))
        ->toBe($worked['hit']['studs']);
    expectWays($found->ways(), $worked);
});

test('a wall that ends too soon', function () {
    expectWays((new WallEnds(onSite(), 'to', inMm(2700)))->ways(), workedWays('wall-ends-soon'));
});

test('a leaf that rubs', function () {
    $found = new LeafRubs(onSite(done: ['board-fix']), ['survey.opening.casing.thickness' => inMm(27)]);

    expect($found->clearance()->toMm())
        ->toBe(4.0)
        ->and($found->short()->toMm())
        ->toBe(2.0);
    expectWays($found->ways(), workedWays('leaf-rubs'));
});

test('a leaf that runs off its guide', function () {
    $worked = workedWays('runs-off-guide');
    $found = new OffGuide(onSite(), 'leaf', inMm(955));

    expect([$found->window()->low->toMm(), $found->window()->high->toMm()])
        ->toEqual($worked['window'])
        ->and($found->shortfall()->toMm())
        ->toBe(5.0);
    expectWays($found->ways(), $worked);
});

test('a leaf that came wider and thicker', function () {
    $worked = workedWays('leaf-differs');
    $found = new LeafDiffers(onSite(), 'leaf', inMm(968), [inMm(42), inMm(41)]);
    $now = $found->now();

    expect($now->layout->stops['open']->total->toMm())
        ->toBe((float) $worked['now']['stop_open'])
        ->and($found->railCovers())
        ->toBe($worked['now']['rail_still_covers'])
        ->and($now->guides['guide']->at?->toMm())
        ->toBe((float) $worked['now']['guide_at'])
        ->and($now->innerDepth()->clearance->total->toMm())
        ->toBe((float) $worked['now']['clearance']);
    expectWays($found->ways(), $worked);
});

test('a leaf that bounces', function () {
    expectWays((new Bounces(onSite(), inMm(9)))->ways(), workedWays('bounces'));
});

test('a kit that differs from its sheet', function () {
    $worked = workedWays('kit-differs');
    $found = new KitDiffers(onSite(), inMm(24), inMm(46));

    expect($found->truly()['kit.hanger.hole_to_tread']->toMm())->toBe(110.0);
    expectWays($found->ways(), $worked);
});

test('a plate that differs from its sheet makes another rise', function () {
    $found = new KitDiffers(onSite('map-archive'), inMm(41), inMm(0));

    expect($found->truly()['kit.rise']->toMm())
        ->toBe(workedWays('kit-differs')['top_fixed']['true']['rise'])
        ->and($found->ways()[0]->numbers['yoke_line']->toMm())
        ->toBe(workedWays('kit-differs')['top_fixed']['leaf_bought']['yoke_line']);
});

test('holes bored from the wrong edge', function () {
    expectWays(
        (new WrongEdge(onSite(), [[inMm(730.5), inMm(790.5)], [inMm(1132.5), inMm(1192.5)]]))->ways(),
        workedWays('wrong-edge'),
    );
});

test('in inches what is taken off on site goes up to a sixteenth, what is left down to one', function () {
    $inches = fn (string $typed) => LengthReader::read($typed, Unit::Inch);
    $back = Doorways::plan('in throwing-room')->innerDepth()->leafBack->total;
    $rubs = new LeafRubs(onSite('in throwing-room'), [
        'survey.opening.casing.thickness' => $back->minus(Length::mm(4)),
    ]);
    $wider = new LeafDiffers(
        onSite('in throwing-room', changes: ['brief.leaf.trim_limit' => '1/2']),
        'leaf',
        Doorways::plan('in throwing-room')->layout->width->size->total->plus($inches('5/32')),
        [$inches('1 1/2')],
    );
    $high = new LineHigh(onSite('in throwing-room', changes: ['brief.leaf.trim_limit' => '1/2']), $inches('-5/32'));
    $numbers = fn (array $ways) => array_column(
        array_map(fn (WayOut $way) => [$way->id, $way->numbers], $ways),
        1,
        0,
    );
    $sixteenths = fn (Length $length) => $length->nm / Length::sixteenths(1)->nm;

    expect($rubs->short()->isPositive())
        ->toBeTrue()
        ->and($sixteenths($numbers($rubs->ways())['ease']['off']))
        ->toBe((int) ceil($sixteenths($rubs->short())))
        ->and($sixteenths($numbers($wider->ways())['trim']['each_edge']))
        ->toBe(2)
        ->and($sixteenths($numbers($high->ways())['trim']['cut_off_foot']))
        ->toBe(3);
});

test('in inches a rail that is cut on site is cut down to a sixteenth', function (string $end) {
    $changes = ['brief.kit' => 'flat-40-strap'];
    $rail = Doorways::plan('in throwing-room', $changes)->rail->span;
    $wall = $end === 'to' ? $rail->high->minus(Length::mm(7)) : $rail->low->plus(Length::mm(7));
    $cut = array_column(
        array_map(
            fn (WayOut $way) => [$way->id, $way->numbers],
            (new WallEnds(onSite('in throwing-room', changes: $changes), $end, $wall))->ways(),
        ),
        1,
        0,
    )['cut-rail'];

    expect($cut['length']->nm % Length::sixteenths(1)->nm)
        ->toBe(0)
        ->and($cut['length']->isOver($rail->length()->minus(Length::mm(7))))
        ->toBeFalse()
        ->and($cut['cut_off']->plus($cut['length'])->equals($rail->length()))
        ->toBeTrue();
})->with(['to', 'from']);
