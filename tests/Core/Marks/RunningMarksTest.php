<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Format\PlanWriter;
use YokeLine\Marks\RunningMarks;

uses(Eris\TestTrait::class);

test('running marks rise along the tape and are the plan\'s own numbers', function () {
    $this->forAll(Doorways::any())->then(function (array $changes) {
        $plan = Doorways::plan(changes: $changes);
        $numbers = [];
        $written = PlanWriter::write($plan, []);
        array_walk_recursive($written, function ($number) use (&$numbers) {
            $numbers[] = $number;
        });
        $last = null;
        foreach (RunningMarks::along($plan) as $mark) {
            expect($numbers)->toContain($mark->at->toMm());
            expect($last === null || ! $mark->at->isUnder($last))->toBeTrue();
            $last = $mark->at;
        }
    });
});

test('every mark is a sum of the plan', function () {
    $this->limitTo(30)
        ->forAll(Doorways::any())
        ->then(function (array $changes) {
            $plan = Doorways::plan(changes: $changes);
            $sums = $plan->sums();
            foreach ([...RunningMarks::along($plan), ...RunningMarks::up($plan)] as $mark) {
                expect($sums)->toHaveKey($mark->sum)->and($sums[$mark->sum]->total)->toEqual($mark->at);
            }
        });
});

test('the tape reads the level line from every floor', function () {
    $readings = array_map(
        fn (array $at) => [$at['x']->toMm(), $at['up']->toMm()],
        RunningMarks::readings(Doorways::plan()),
    );

    expect($readings)->toBe([[600.0, 2196.0], [900.0, 2193.0], [1770.0, 2191.0], [2700.0, 2200.0]]);
});

test('heights name the three things that kits call the height of a rail', function () {
    $heights = [];
    foreach (RunningMarks::heights(Doorways::plan()) as $mark) {
        $heights[$mark->id->value] = $mark->at->toMm();
    }

    expect($heights)->toMatchArray(['yoke' => 2191.0, 'rail-top' => 2211.0, 'rail-foot' => 2171.0]);
});
