<?php

declare(strict_types=1);

use Eris\Generators;
use Tests\Core\Support\Doorways;
use YokeLine\Holding\Fasteners;
use YokeLine\Marks\AsShown;
use YokeLine\Marks\Pulls;
use YokeLine\Marks\RunningMarks;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Grid;
use YokeLine\Planning\Heights;
use YokeLine\Planning\Plan;
use YokeLine\Planning\WallPull;

uses(Eris\TestTrait::class);

/** A sixteenth of an inch, in nanometres. */
const SIXTEENTH = 1_587_500;

/** @return array<string, int> where each mark stands as its tape shows it, by id, in nm from the left corner */
function shownOnWall(Plan $plan): array
{
    $pulls = Pulls::of(Tapes::wall($plan), Pulls::hooks($plan), $plan->doorway->tape(), $plan->doorway->step());
    $at = [];
    foreach ($pulls->pulls as $pull) {
        foreach ($pull->readings as $reading) {
            $at[$reading->mark->id->value] = $pull->hook->at->plus($reading->shown->times($pull->way))->nm;
        }
    }

    return $at;
}

/** As a tape with sixteenths shows it. */
function shownLength(Length $length): int
{
    return $length->roundedTo(Length::sixteenths(1))->nm;
}

/** @return array<string, mixed> what a doorway's sizes are drawn from */
function anySizes(): array
{
    return [
        'metric' => Generators::choose(0, 1),
        'left' => Generators::choose(0, 1),
        'kit' => Generators::choose(0, 1),
        'surplus' => Generators::choose(0, 2),
        'wall' => Generators::choose(0, 200),
        'at' => Generators::choose(0, 320),
        'width' => Generators::choose(0, 320),
        'casing' => Generators::choose(0, 64),
    ];
}

/** Any inch doorway that the throwing room could have been, measured to 1/32 or in millimetres. */
function anyInInches(array $n): Plan
{
    $said = fn (float $inches) => $n['metric'] === 1
        ? round($inches * 25.4).' mm'
        : floor($inches).' '.((int) (($inches - floor($inches)) * 32)).'/32';

    return Doorways::plan('in throwing-room', [
        'brief.opens' => $n['left'] === 1 ? 'left' : 'right',
        'brief.kit' => $n['kit'] === 1 ? 'flat-40-strap' : 'bar-1-1-2-strap',
        'brief.rules.surplus' => ['trailing', 'even', 'leading'][$n['surplus']],
        'brief.leaf.stock_widths' => [],
        'survey.wall.to' => $said(168 + $n['wall'] / 32),
        'survey.opening.left' => $said(48 + $n['at'] / 32),
        'survey.opening.width' => [$said(30 + $n['width'] / 32)],
        'survey.opening.casing.left' => $said(2 + $n['casing'] / 32),
        ...($n['leaf'] ?? 0) === 0 ? [] : ['brief.leaf.width' => $said(46 + $n['leaf'] / 32)],
        'brief.leaf.height' => $said(84 + ($n['high'] ?? 0) / 32),
    ]);
}

test('what a tape shows of one thing and of another agrees, in any doorway in inches', function () {
    $any = Generators::associative(anySizes());
    $this->limitTo(120)->forAll($any)->then(function (array $n) {
        $plan = anyInInches($n);
        $at = shownOnWall($plan);
        // From hooks that are on the tape's marks themselves.
        $on = fn (string ...$ids) => array_filter($ids, fn (string $id) => ($at[$id] ?? 1) % SIXTEENTH !== 0) === [];
        $run = $plan->layout->runs['leaf'];
        $sums = [
            ['rail-l', 'rail-r', shownLength($plan->rail->length->total)],
            ['shut-l', 'shut-r', shownLength($run->width)],
            ['open-l', 'open-r', shownLength($run->width)],
            ['shut-l', 'open-l', $run->direction * shownLength($run->travel->total)],
        ];
        foreach ($sums as [$from, $to, $long]) {
            $on($from, $to) && expect($at[$to] - $at[$from])->toBe($long, "{$from} to {$to} ".json_encode($n));
        }
        expect(isset($at['rail-l'], $at['rail-r'], $at['shut-l'], $at['shut-r']))->toBeTrue();
    });
});

test('what a drawing, a page and a sheet say of one thing and of another agrees', function () {
    $any = Generators::associative([
        ...anySizes(),
        'width' => Generators::choose(0, 200),
        'leaf' => Generators::choose(0, 200),
        'high' => Generators::choose(0, 60),
    ]);
    $this->limitTo(120)->forAll($any)->then(function (array $n) {
        $plan = anyInInches($n);
        $shown = array_map(fn (Length $length) => shownLength($length), array_map(
            AsShown::of($plan)->sum(...),
            array_keys($plan->sums()),
            $plan->sums(),
        ));
        $is = array_combine(array_keys($plan->sums()), $shown);
        $run = $plan->layout->runs['leaf'];
        $gap = shownLength(AsShown::of($plan)->length('gap', $plan->heights->gap->low));

        expect([
            'rail' => $is['rail.right'] - $is['rail.left'],
            'leaf shut' => $is['leaf.right'] - $is['leaf.left'],
            'leaf open' => $is['leaf.open_right'] - $is['leaf.open_left'],
            'way' => $is['leaf.open_left'] - $is['leaf.left'],
            'line' => $gap + $is['leaf.height'] + shownLength($plan->kit->rise),
            'top' => $gap + $is['leaf.height'],
        ])->toBe([
            'rail' => $is['rail.length'],
            'leaf shut' => $is['leaf.width'],
            'leaf open' => $is['leaf.width'],
            'way' => $run->direction * $is['leaf.travel'],
            'line' => $is['yoke_line'],
            'top' => $is['leaf.top'],
        ], json_encode($n));
        foreach (RunningMarks::along($plan) as $mark) {
            isset($is[$mark->sum]) && expect(shownLength($mark->at))->toBe($is[$mark->sum], $mark->sum);
        }
    });
});

test('the line, the board, the leaf and the gap agree as they are shown', function (string $name) {
    $plan = Doorways::plan($name);
    $line = shownLength($plan->yokeLine());

    expect($plan->yokeLine()->nm % SIXTEENTH)
        ->toBe(0)
        ->and($line - $plan->heights->leaf->size->total->nm - $plan->kit->rise->nm)
        ->toBe($plan->heights->gap->low->nm);
})->with(['in throwing-room', 'in drying-loft', 'glaze-store']);

test('in millimetres a place is what it comes to', function () {
    $grid = Grid::of(Doorways::plan()->doorway);
    $odd = Length::nm(123_456_789);

    expect($grid->nearest($odd))
        ->toBe($odd)
        ->and($grid->nearestUp($odd))
        ->toBe($odd)
        ->and($grid->down($odd))
        ->toBe($odd)
        ->and($grid->lefts(new Span(Length::zero(), Length::mm(100)), Length::mm(50)))
        ->toBe([])
        ->and($grid->leafStep()->toMm())
        ->toBe(1.0)
        ->and($grid->railStep()->toMm())
        ->toBe(5.0);
});

test('half a step goes the way the door opens', function (string $opens, int $to) {
    $grid = Grid::of(Doorways::plan('in throwing-room', ['brief.opens' => $opens])->doorway);

    expect($grid->nearest(Length::nm(intdiv(SIXTEENTH, 2)))->nm)->toBe($to * SIXTEENTH);
})->with([['right', 1], ['left', 0]]);

test('a tape that is marked to eighths or thirty-seconds makes a grid of its own', function (
    int $fraction,
    int $step,
    int $leaf,
) {
    $grid = Grid::of(Doorways::plan('in throwing-room', ['brief.rules.fraction' => $fraction])->doorway);

    expect($grid->nearest(Length::nm($step + 10))->nm)
        ->toBe($step)
        ->and($grid->leafStep()->nm)
        ->toBe($leaf);
})->with([[8, 2 * SIXTEENTH, 2 * SIXTEENTH], [16, SIXTEENTH, SIXTEENTH], [32, intdiv(SIXTEENTH, 2), SIXTEENTH]]);

test('a rail that begins on the grid begins there at the end that its door opens from', function (string $opens) {
    $plan = Doorways::plan('in throwing-room', ['brief.opens' => $opens, 'brief.kit' => 'flat-40-strap']);
    $start = $opens === 'left' ? $plan->rail->span->high : $plan->rail->span->low;

    expect($start->nm % SIXTEENTH)->toBe(0);
})->with(['left', 'right']);

test('holes of a rail cut in inches stand on the tape piece by piece, the outer ones as its kit has them', function (
    string $opens,
) {
    $plan = Doorways::plan('in throwing-room', ['brief.opens' => $opens]);
    $grid = Grid::of($plan->doorway);
    $rail = new Span(Length::zero(), Length::sixteenths(16 * 60));
    $pieces = [Length::sixteenths(16 * 40), Length::sixteenths(16 * 20)];
    $there = array_map(Length::mm(...), [50, 333, 700, 1000, 1200]);
    $first = $grid->nearest($plan->kit->rail->firstHole)->nm;
    $holes = array_map(
        fn (Length $hole) => $hole->nm,
        $grid->holes($there, $rail, $pieces, $plan->kit->rail),
    );

    expect([$holes[0], $holes[3]])->toBe([$first, $pieces[0]->nm - $first])
        ->and([$holes[1] % SIXTEENTH, $holes[2] % SIXTEENTH, $holes[4] % SIXTEENTH])->toBe([0, 0, 0])
        ->and(count($holes))->toBe(5);
    foreach ([1, 2, 4] as $i) {
        expect(abs($holes[$i] - $there[$i]->nm))->toBeLessThanOrEqual(intdiv(SIXTEENTH, 2) + 1);
    }
})->with(['left', 'right']);

test('a board is as long as its rail and what it goes past it, from the end its door opens from', function (
    string $opens,
    array $ends,
) {
    $plan = Doorways::plan('in throwing-room', ['brief.opens' => $opens]);
    $rail = $plan->rail;
    $past = Length::sixteenths(32);
    $odd = Length::nm(300_000);
    $ask = [$rail->span->low->minus($past), $rail->span->high->plus($past, $odd)];
    $board = Grid::of($plan->doorway)->board($ask[0], $ask[1], $rail, new Span(Length::mm(-9000), Length::mm(9000)));
    $long = Grid::of($plan->doorway)->nearest($rail->span->length())->plus($past->times(2));

    expect($board->length()->nm)->toBe($long->nm)
        ->and([$board->low->equals($ask[0]), $board->high->equals($ask[1])])->toBe($ends);
})->with([['right', [true, false]], ['left', [false, true]]]);

test('in millimetres a board is what is asked for, inside the wall', function () {
    $plan = Doorways::plan();
    $wall = new Span(Length::mm(700), Length::mm(2000));
    $board = Grid::of($plan->doorway)->board(Length::nm(650_000_001), Length::nm(1_900_000_007), $plan->rail, $wall);

    expect([$board->low->nm, $board->high->nm])->toBe([700_000_000, 1_900_000_007]);
});

test('what is usual of hands, gaps and joints is a clean number of either tape', function (Unit $unit, array $usual) {
    $write = new LengthWriter($unit);

    expect([
        $write->exact(WallPull::fingers($unit)),
        $write->exact(Heights::leastGap($unit)),
        $write->exact(Fasteners::of($unit)->jointScrew()),
    ])->toBe($usual);
})->with([[Unit::Millimetre, ['30', '3', '10']], [Unit::Inch, ['1 1/4', '1/8', '3/8']]]);
