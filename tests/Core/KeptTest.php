<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use Tests\Core\Support\Practice;
use YokeLine\Fitting\SizeCard;
use YokeLine\Making\LeafMade;
use YokeLine\Measure\Unit;
use YokeLine\Practice\Answers;
use YokeLine\Practice\Ask;
use YokeLine\Practice\Attempt;
use YokeLine\Practice\Hung;
use YokeLine\Practice\Level;
use YokeLine\Practice\RightAnswers;
use YokeLine\Recovery\OnSite;
use YokeLine\Setout;
use YokeLine\Tolerance\Pick;
use YokeLine\Work\Order;

/** What is worked out is a value: it may be laid by, and is the same when it is taken out again. */
function laidBy(mixed $value): mixed
{
    return unserialize(serialize($value));
}

/** @return list<LeafMade> */
function leavesBuilt(Setout $setout): array
{
    return $setout->plan?->making?->leaves() ?? [];
}

test('a setout that was laid by says what it said', function (string $name, array $changes) {
    $setout = Setout::quick(Doorways::document($name, $changes), Doorways::kits());
    $again = laidBy($setout);

    expect($again->findings)->toEqual($setout->findings)
        ->and($again->verdict())->toBe($setout->verdict())
        ->and($again->plan?->sums())->toEqual($setout->plan?->sums())
        ->and($again->document->toJson())->toBe($setout->document->toJson());
})->with(Doorways::ofEveryKind());

test('a plan that was laid by has the same order of work', function (string $name, array $changes) {
    $plan = Setout::quick(Doorways::document($name, $changes), Doorways::kits())->plan;
    $order = fn (mixed $of) => $of === null ? [] : Order::of($of)->steps;

    expect($order(laidBy($plan)))->toEqual($order($plan));
})->with(Doorways::ofEveryKind());

test('a leaf that was laid by is drawn with every part where it lies', function (string $name, array $changes) {
    $leaves = leavesBuilt(Setout::quick(Doorways::document($name, $changes), Doorways::kits()));
    $placed = fn (LeafMade $leaf) => $leaf->placed();

    expect(array_map($placed, laidBy($leaves)))
        ->toEqual(array_map($placed, $leaves))
        ->not->toContain([]);
})->with(Doorways::ofEveryKind());

test('a size card is the same once it was laid by', function () {
    $card = SizeCard::of(Doorways::plan('reclaim-bay'));

    expect(laidBy($card))->toEqual($card)->and(laidBy($card)->massRuledBy())->toEqual($card->massRuledBy());
});

test('what would be chosen otherwise is the same once it was laid by', function () {
    $document = Doorways::document('kiln-room');
    $plan = Doorways::plan('kiln-room');
    $picks = Pick::of(new OnSite($document, $plan), $plan->doorway->marking->plusMinus);

    expect($picks)->not->toBe([])->and(laidBy($picks))->toEqual($picks);
});

test('what came of a practice wall is the same once it was laid by', function (Level $level) {
    $wall = Practice::wall($level);
    $answers = Answers::read([...RightAnswers::to($wall), Ask::HeaderFoot->value => '1'], $wall->unit);
    $attempt = new Attempt($wall, [], $answers, Doorways::kits());
    $again = laidBy($attempt);

    expect($again->judged)->toEqual($attempt->judged)
        ->and(Hung::of($again)->happens)->toEqual(Hung::of($attempt)->happens);
})->with('levels');

test('a setout is said in another unit, and in its own again', function () {
    $setout = Doorways::setout();
    $inches = $setout->in(Unit::Inch);

    expect($inches->write->unit)->toBe(Unit::Inch)
        ->and($inches->plan)->toBe($setout->plan)
        ->and($inches->in(null)->write)->toEqual($setout->write)
        ->and($setout->in(Unit::Millimetre))->toBe($setout);
});
