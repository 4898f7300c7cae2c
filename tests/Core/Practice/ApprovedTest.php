<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use Tests\Core\Support\Practice;
use YokeLine\Doorway\Stud;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Practice\Answers;
use YokeLine\Practice\Attempt;
use YokeLine\Practice\DrillQuestion;
use YokeLine\Practice\FirstStep;
use YokeLine\Practice\Hung;
use YokeLine\Practice\Level;
use YokeLine\Practice\RightAnswers;
use YokeLine\Practice\StudMarks;

/* Walls to practise on, what is asked of them, and what is made of mistakes. */

foreach (Level::graded() as $level) {
    test("a wall to practise on, {$level->value}, is as it was approved", function () use ($level) {
        $wall = Practice::wall($level);

        Approved::holds("Practice/walls/{$level->value}", [
            'readings' => $wall->readings(), 'swept' => $wall->swept(),
            'seen' => $wall->seenBy(array_keys($wall->readings())), 'backings' => $wall->backings(),
            'needed' => $wall->needed(Doorways::kits()), 'right' => RightAnswers::to($wall),
            'first' => FirstStep::of($wall),
        ]);
    });

    test("what mistakes come to, {$level->value}, is as it was approved", function () use ($level) {
        $wall = Practice::wall($level);
        $told = [];
        foreach ([-12, 3, 40] as $off) {
            $wrong = array_map(
                fn (mixed $said) => is_string($said) && is_numeric($said) ? (string) ((float) $said + $off) : $said,
                RightAnswers::to($wall),
            );
            $attempt = new Attempt(
                $wall,
                array_keys($wall->readings()),
                Answers::read($wrong, $wall->unit),
                Doorways::kits(),
            );
            $told[$off] = [$attempt->judged, Hung::of($attempt)->happens];
        }

        $behind = array_map(fn (Stud $stud) => $stud->x, StudMarks::behind($wall->plan));
        foreach ([0, 7, 9, 25, 60] as $off) {
            $marks = array_map(fn (Length $x) => $x->plus(Length::mm($off)), $behind);
            $told["marks {$off} off"] = StudMarks::judged($wall->plan, $marks);
            $told["marks {$off} off, one less"] = StudMarks::judged($wall->plan, array_slice($marks, 1));
        }

        Approved::holds("Practice/mistakes/{$level->value}", $told);
    });
}

test('a wall to practise on in inches is as it was approved', function () {
    $wall = Practice::wall(Level::Floor, 7, Unit::Inch);

    Approved::holds('Practice/walls/in inches', [$wall->readings(), RightAnswers::to($wall)]);
});

test('what is drilled is as it was approved', function (Unit $unit) {
    $asked = array_map(fn (int $n) => DrillQuestion::of(1964, $n, $unit), range(0, 30));

    Approved::holds("Practice/drill/{$unit->value}", $asked);
})->with(Unit::cases());
