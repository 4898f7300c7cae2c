<?php

declare(strict_types=1);

use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Practice\DrillKind;
use YokeLine\Practice\DrillQuestion;
use YokeLine\Practice\Skill;
use YokeLine\Practice\Spacing;

/** @return list<DrillQuestion> */
function drilled(Unit $unit): array
{
    return array_map(fn (int $n) => DrillQuestion::of(11, $n, $unit), range(0, DrillQuestion::MOST - 1));
}

/** What a question comes to, worked anew from what it says. */
function comesTo(DrillQuestion $question): Length
{
    [$a, $b] = [$question->with['a'] ?? Length::zero(), $question->with['b'] ?? Length::zero()];

    return match ($question->kind) {
        DrillKind::Read => $question->with['at'],
        DrillKind::Plus => $a->plus($b),
        DrillKind::Minus => $a->minus($b),
        DrillKind::Half => $a->half(),
        DrillKind::Middle => $a->plus($b)->half(),
        DrillKind::Line => $question->with['gap']->plus($question->with['leaf'], $question->with['rise']),
    };
}

test('a drill asks every kind of question, and what it takes for right is right', function (Unit $unit) {
    $questions = drilled($unit);
    foreach ($questions as $question) {
        expect($question->isRight(comesTo($question)))->toBeTrue($question->kind->value);
    }
    $kinds = array_unique(array_map(fn (DrillQuestion $question) => $question->kind->value, $questions));

    expect(count($kinds))->toBe(count(DrillKind::cases()));
})->with([Unit::Millimetre, Unit::Inch]);

test('one step of the tape beside it is wrong', function (Unit $unit) {
    foreach (drilled($unit) as $question) {
        expect($question->isRight($question->answer->plus($unit->step())))->toBeFalse($question->kind->value);
    }
})->with([Unit::Millimetre, Unit::Inch]);

test('every answer is on the tape', function (Unit $unit) {
    foreach (drilled($unit) as $question) {
        expect($question->answer->equals($question->answer->roundedTo($unit->step())))->toBeTrue();
    }
})->with([Unit::Millimetre, Unit::Inch]);

test('the same seed asks the same', function () {
    expect(drilled(Unit::Inch))->toEqual(drilled(Unit::Inch));
});

function day(int $n): DateTimeImmutable
{
    return (new DateTimeImmutable('2026-03-01'))->modify("+{$n} days");
}

/** @param  list<array{Skill, bool, DateTimeImmutable}>  $answers */
function spaced(array $answers, int $today, Skill $skill): Spacing
{
    $all = Spacing::of($answers, day($today));

    return array_values(array_filter($all, fn (Spacing $one) => $one->skill === $skill))[0];
}

test('what went wrong is due at once', function () {
    expect(spaced([[Skill::Floor, false, day(0)]], 0, Skill::Floor)->isDue(day(0)))->toBeTrue();
});

test('what went right is due after a day, then three, then seven', function () {
    $answers = [];
    foreach ([[0, 1], [1, 4], [4, 11], [11, 25]] as [$at, $due]) {
        $answers[] = [Skill::Floor, true, day($at)];

        expect(spaced($answers, $at, Skill::Floor)->due)->toEqual(day($due));
    }
});

test('right again before it is due counts for nothing more', function () {
    $answers = [[Skill::Floor, true, day(0)], [Skill::Floor, true, day(0)], [Skill::Floor, true, day(0)]];

    expect(spaced($answers, 0, Skill::Floor)->box)->toBe(1);
});

test('one mistake begins anew', function () {
    $answers = [[Skill::Floor, true, day(0)], [Skill::Floor, true, day(1)], [Skill::Floor, false, day(2)]];

    expect(spaced($answers, 2, Skill::Floor)->box)->toBe(0);
});

test('what is due comes first, then what was never asked, then the rest', function () {
    $answers = [[Skill::Stops, true, day(0)], [Skill::Studs, false, day(0)]];
    $order = array_map(fn (Spacing $one) => $one->skill, Spacing::of($answers, day(0)));

    expect($order[0])->toBe(Skill::Studs)->and($order[count($order) - 1])->toBe(Skill::Stops);
});
