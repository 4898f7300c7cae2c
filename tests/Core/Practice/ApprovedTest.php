<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use Tests\Core\Support\Practice;
use YokeLine\Measure\Unit;
use YokeLine\Practice\Answers;
use YokeLine\Practice\Attempt;
use YokeLine\Practice\DrillQuestion;
use YokeLine\Practice\FirstStep;
use YokeLine\Practice\Hung;
use YokeLine\Practice\Level;
use YokeLine\Practice\RightAnswers;

/* Walls to practise on, what is asked of them, and what is made of mistakes. */

test('a wall to practise on is as it was approved', function (Level $level, Unit $unit) {
    $wall = Practice::wall($level, 7, $unit);
    $right = RightAnswers::to($wall);

    Approved::holds("Practice/walls/{$level->value} {$unit->value}", [
        'readings' => $wall->readings(), 'swept' => $wall->swept(), 'seen' => $wall->seenBy(array_keys($wall->readings())),
        'backings' => $wall->backings(), 'needed' => $wall->needed(Doorways::kits()), 'right' => $right,
        'first' => FirstStep::of($wall),
    ]);
})->with([...array_map(fn (Level $level) => [$level, Unit::Millimetre], Level::graded()), [Level::Floor, Unit::Inch]]);

test('what mistakes come to is as it was approved', function (Level $level, int $off) {
    $wall = Practice::wall($level, 7);
    $right = RightAnswers::to($wall);
    $wrong = array_map(fn (mixed $said) => is_string($said) && is_numeric($said) ? (string) ((float) $said + $off) : $said, $right);
    $attempt = new Attempt($wall, array_keys($wall->readings()), Answers::read($wrong, $wall->unit), Doorways::kits());

    Approved::holds("Practice/mistakes/{$level->value} {$off}", [$attempt->judged, Hung::of($attempt)->happens]);
})->with([Level::Floor, array_last(Level::graded())])->with([-12, 3, 40]);

test('what is drilled is as it was approved', function (Unit $unit) {
    $asked = array_map(fn (int $n) => DrillQuestion::of(1964, $n, $unit), range(0, 30));

    Approved::holds("Practice/drill/{$unit->value}", $asked);
})->with(Unit::cases());
