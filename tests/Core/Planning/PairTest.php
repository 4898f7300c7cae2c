<?php

declare(strict_types=1);

use Eris\Generators;
use Tests\Core\Support\Doorways;
use YokeLine\Doorway\Hang;
use YokeLine\Format\PlanWriter;
use YokeLine\Inspection\Finding;
use YokeLine\Marks\Drilling;
use YokeLine\Marks\Tapes;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Planning\Plan;
use YokeLine\Planning\Slide;
use YokeLine\Recovery\OnSite;
use YokeLine\Recovery\Problems;
use YokeLine\Recovery\Question;
use YokeLine\Recovery\WallEnds;
use YokeLine\Recovery\WayOut;
use YokeLine\Work\Order;
use YokeLine\Work\RunCheck;

uses(Eris\TestTrait::class);

/*
 * Each leaf of a pair is worked by its own numbers: guide, groove, travel, soft close, findings, marks, steps, ways
 * out.
 */

/**
 * Two leaves that meet, hung with straps and fins. @param  array<string, mixed>  $changes @return array<string, mixed>
 */
function meeting(array $changes = []): array
{
    return [
        'brief.kit' => 'flat-40-strap',
        'brief.leaf.thickness' => 40,
        'brief.rules.cover' => 'opening',
        'brief.header.thickness' => 38,
        ...$changes,
    ];
}

/** @param  array<string, mixed>  $changes */
function onPair(array $changes): OnSite
{
    $plan = Doorways::plan('map-archive', $changes);

    return new OnSite(Doorways::document('map-archive', $changes), $plan);
}

/** @return list<Finding> */
function foundOnPair(string $code, array $changes): array
{
    return array_values(
        array_filter(
            Doorways::setout('map-archive', $changes)->findings,
            fn (Finding $finding) => $finding->code->value === $code,
        ),
    );
}

test('where the floor falls, each leaf has the groove that its own guide wants', function () {
    $changes = meeting([
        'survey.floor.readings' => [
            ['x' => 1300, 'level' => 0],
            ['x' => 1700, 'level' => 0],
            ['x' => 3380, 'level' => -8],
            ['x' => 3900, 'level' => -8],
        ],
        'brief.rules.gap' => 9,
    ]);
    $plan = Doorways::plan('map-archive', $changes);
    $written = PlanWriter::write($plan, []);
    $depths = array_map(fn (array $guide) => $guide['groove']['depth'], $written['guides']);
    $bored = array_map(
        fn ($leaf) => array_values(
            array_filter(Drilling::of($plan, $leaf), fn (Drilling $row) => $row->kind === 'groove'),
        )[0]->depth?->toMm(),
        $plan->leaves(),
    );

    // Blade 22, gap 9: a bite of 13 where the floor is high, 5 where it is 8 lower; each 3 deeper.
    expect($depths)
        ->toBe(['left' => 16.0, 'right' => 8.0])
        ->and($bored)
        ->toBe($depths);
});

test('a leaf with too little travel for its strokes has no soft close, the other keeps its own', function () {
    $changes = meeting(['survey.wall.from' => 1550, 'brief.leaf.width' => 850]);
    $plan = Doorways::plan('map-archive', $changes);
    $left = $plan->leaves()['left'];

    expect($left->run->travel->total->isUnder(Length::mm(132)))
        ->toBeTrue()
        ->and($left->softClose)
        ->toBeFalse()
        ->and($plan->leaves()['right']->softClose)
        ->toBeTrue();
    $found = foundOnPair('soft-close-room', $changes);
    expect($found)->toHaveCount(1)->and($found[0]->leaf)->toBe('left');
    // Triggers, catches and what is checked at the end are of the right leaf alone.
    $steps = array_keys(Order::of($plan)->steps);
    $across = fn (string $leaf) => array_map(fn ($mark) => $mark->id->value, Tapes::across($plan, $plan->leaves()[$leaf]));
    expect($steps)
        ->toContain('fit-triggers.right', 'set-catches.right')
        ->not->toContain('fit-triggers.left', 'set-catches.left')
        ->and($across('right'))
        ->toContain('trigger-lead')
        ->and($across('left'))
        ->not->toContain('trigger-lead')
        ->and(array_column(RunCheck::of($plan), 'id'))
        ->toContain('catch-right')
        ->not->toContain('catch-left')
        ->and(array_unique(array_column(Slide::frames($plan, $left), 'catch')))
        ->toBe([null])
        ->and(array_column(Slide::frames($plan, $plan->leaves()['right']), 'catch'))
        ->toContain('shut', 'open');
});

test('an order in which one leaf lacks a step goes round it, and every before is there', function () {
    $steps = Order::of(Doorways::plan('map-archive', meeting(['survey.wall.from' => 1550, 'brief.leaf.width' => 850])))
        ->steps;
    foreach ($steps as $step) {
        foreach ($step->after as $after) {
            expect($steps)->toHaveKey($after->step);
        }
    }
    expect(array_map(fn ($after) => $after->step, $steps['prove-run']->after))->toContain('set-catches.right');
});

test('guides that lack room are told by their leaf, each with its own shortfall', function () {
    $found = foundOnPair('guide-window', meeting(['survey.wall.from' => 1550, 'brief.leaf.width' => 850]));

    expect(array_map(fn (Finding $finding) => $finding->leaf, $found))
        ->toBe(['left', 'right'])
        ->and($found[0]->with['shortfall']->nm)
        ->not->toBe($found[1]->with['shortfall']->nm);
});

test('where the wall ends too soon, it is the leaf that opens that way whose travel is told', function (
    string $which,
    string $leaf,
    string $stop,
) {
    $site = onPair(meeting());
    $wall = $site->plan->room->wall;
    $at = $which === 'from' ? $wall->low->plus(Length::mm(700)) : $wall->high->minus(Length::mm(700));
    $again = $site->again(["survey.wall.{$which}" => $at]);
    $slide = array_values(
        array_filter((new WallEnds($site, $which, $at))->ways(), fn (WayOut $way) => $way->id === 'slide'),
    )[0];

    expect($slide->numbers['travel']->nm)
        ->toBe($again->layout->runs[$leaf]->travel->total->nm)
        ->and($slide->numbers['stop_open']->nm)
        ->toBe($again->layout->stops[$stop]->total->nm)
        ->and($slide->numbers['guide_at']?->nm)
        ->toBe($again->leaves()[$leaf]->guide->at?->nm);
})->with(['left' => ['from', 'left', 'left_open'], 'right' => ['to', 'right', 'right_open']]);

test('on site each leaf of a pair is asked for, and its ways out name it', function () {
    $problems = new Problems(onPair(meeting()));
    [, $ways] = $problems->ways('leaf-differs', ['leaf-width-right' => Length::mm(1000)]);

    expect(array_keys($problems->asks('leaf-differs')))
        ->toContain('leaf-width-left', 'leaf-thick-trail-right')
        ->and(array_map(fn (WayOut $way) => $way->id, $ways))
        ->toContain('take-as-is-right', 'trim-right')
        ->not->toContain('take-as-is-left');
});

test('each of two rails has its own line, and its own ways out', function () {
    $plan = Doorways::plan('reclaim-bay');
    $problems = new Problems(new OnSite(Doorways::document('reclaim-bay'), $plan));
    $asks = $problems->asks('line');
    $told = array_map(fn (Question $ask) => $ask->planned, $asks);
    $told['line-3-front'] = $told['line-3-front']->minus(Length::mm(9));
    [$says, $ways] = $problems->ways('line', $told);

    expect(array_keys($asks))
        ->toBe(['line-1', 'line-2', 'line-3', 'line-1-front', 'line-2-front', 'line-3-front'])
        ->and(array_map(fn (WayOut $way) => $way->id, $ways))
        ->each->toEndWith('-front')
        ->and(array_map(fn (Message $one) => [$one->with['which']->how, $one->with['what']->key], $says))
        ->toContain(['front', 'recovery.means.creeps']);
});

test('a stop’s body lies away from the leaf that it stops, whatever the hang and the way it opens', function () {
    $this->forAll(Doorways::any(), Generators::elements(...Hang::cases()))->then(function (array $changes, Hang $hang) {
        $kit = ['single' => $changes['brief.kit'], 'biparting' => 'flat-40-strap', 'bypass' => 'flat-40-bypass'][
            $hang->value
        ];
        $plan = Doorways::plan('kiln-room', [
            ...$changes,
            'brief.hang' => $hang->value,
            'brief.kit' => $kit,
            'brief.backing' => 'header',
        ]);
        // A leaf wider than what two must cover goes nowhere.
        $goes = array_filter($plan->layout->runs, fn ($run) => $run->travel->total->isPositive()) !== [];
        foreach ($goes ? wheelsAtRest($plan) : [] as [$wheel, $stop]) {
            $face = $plan->layout->stops[$stop]->total;
            $body = $plan->stopBodies()[array_search($stop, array_keys($plan->layout->stops), true)];

            // A reach from the wheel to the face, and the body beyond it.
            expect($face->minus($wheel)->absolute()->nm)
                ->toBe($plan->kit->stop->reach->nm)
                ->and(
                    $body
                        ->middle()
                        ->minus($wheel)
                        ->absolute()
                        ->isOver($face->minus($wheel)->absolute()),
                )
                ->toBeTrue();
        }
    });
});

/** @return list<array{Length, string}> the wheel that comes to rest at each stop */
function wheelsAtRest(Plan $plan): array
{
    $found = [];
    foreach ($plan->layout->runs as $run) {
        [$shut, $open] = [$run->hangers($run->closed()), $run->hangers($run->open())];
        $found[] = [$run->direction === 1 ? $shut->low : $shut->high, $run->shutStop];
        $found[] = [$run->direction === 1 ? $open->high : $open->low, $run->openStop];
    }

    return $found;
}
