<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use Tests\Core\Support\Practice;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;
use YokeLine\Practice\Answers;
use YokeLine\Practice\Ask;
use YokeLine\Practice\Attempt;
use YokeLine\Practice\Consequence;
use YokeLine\Practice\Hung;
use YokeLine\Practice\Judged;
use YokeLine\Practice\Level;
use YokeLine\Practice\PracticeWall;
use YokeLine\Practice\RightAnswers;
use YokeLine\Practice\Slip;
use YokeLine\Practice\SlipKind;
use YokeLine\Practice\Slips;
use YokeLine\Practice\StudMarks;

/** @param  array<string, mixed>  $changes  by ask, over the right answers */
function attempt(PracticeWall $wall, array $changes = []): Attempt
{
    return new Attempt(
        $wall,
        array_keys($wall->readings()),
        Answers::read([...RightAnswers::to($wall), ...$changes], $wall->unit),
        Doorways::kits(),
    );
}

function judgedOf(Attempt $attempt, Ask $ask): Judged
{
    foreach ($attempt->judged as $judged) {
        if ($judged->ask === $ask) {
            return $judged;
        }
    }

    throw new RuntimeException("{$ask->value} was not asked.");
}

/** @return list<string> */
function happensOf(Attempt $attempt): array
{
    return array_map(fn (Consequence $one) => $one->code, Hung::of($attempt)->happens);
}

test('who makes no mistake has all right, and nothing happens', function (Level $level) {
    foreach (range(1, 3) as $seed) {
        $attempt = attempt(Practice::wall($level, $seed));
        $wrong = array_filter($attempt->judged, fn (Judged $judged) => ! $judged->isRight);

        expect(array_map(fn (Judged $judged) => $judged->ask->value, $wrong))->toBe([], "seed {$seed}");
        expect(happensOf($attempt))->toBe([], "seed {$seed}");
    }
})->with('levels');

test('a mistake is told by the number it leads to', function (Level $level) {
    $wall = Practice::wall($level);
    $write = new LengthWriter($wall->unit);
    $right = attempt($wall);
    // What is decided is what comes after it worked out by: a mistake in it is made by itself. Others change nothing
    // but their own answer: one of each ask is made at once.
    $rounds = [];
    foreach (Ask::toAnswer() as $i => $ask) {
        $plan = $ask->isDecision() ? $wall->plan : $right->plan;
        $sum = Attempt::sum($ask, $plan);
        foreach ($sum === null ? [] : Slips::of($ask, $plan, $sum) as $n => $slip) {
            // Every sixth, another one for each ask.
            if ($n % 6 === $i % 6) {
                $rounds[$ask->isDecision() ? "{$ask->value} {$n}" : intdiv($n, 6)][$ask->value] = $slip;
            }
        }
    }
    foreach ($rounds as $slips) {
        $attempt = attempt($wall, array_map(fn (Slip $slip) => $write->exact($slip->value), $slips));
        foreach ($slips as $ask => $slip) {
            $judged = judgedOf($attempt, Ask::from($ask));
            // A larger leaf may serve, a place in the window may hold: then it is no mistake.
            $judged->isRight || expect([$judged->slip?->kind, $judged->slip?->term])
                ->toBe([$slip->kind, $slip->term], "{$ask} {$slip->kind->value}");
        }
    }
})->with('levels');

/** @return array<string, SlipKind> every mistake that can be told of a number, over some walls */
function mistakesOf(Unit $unit): array
{
    $kinds = [];
    foreach (range(1, 6) as $seed) {
        $wall = Practice::wall(Level::Floor, $seed, $unit);
        foreach (Ask::toAnswer() as $ask) {
            $sum = Attempt::sum($ask, $wall->plan);
            foreach ($sum === null ? [] : Slips::of($ask, $wall->plan, $sum) as $slip) {
                $kinds[$slip->kind->value] = $slip->kind;
            }
        }
    }

    return $kinds;
}

test('each mistake in a number can be made on some wall', function (SlipKind $kind, Unit $unit) {
    expect(mistakesOf($unit))->toHaveKey($kind->value);
})->with([
    [SlipKind::HalfRail, Unit::Millimetre],
    [SlipKind::LowFloor, Unit::Millimetre],
    [SlipKind::FromJamb, Unit::Millimetre],
    [SlipKind::OtherEnd, Unit::Millimetre],
    [SlipKind::Mirror, Unit::Millimetre],
    [SlipKind::Forgotten, Unit::Millimetre],
    [SlipKind::Twice, Unit::Millimetre],
    [SlipKind::Reversed, Unit::Millimetre],
    [SlipKind::Digits, Unit::Millimetre],
    [SlipKind::Sixteenths, Unit::Inch],
]);

test('the gap counted twice is told as that', function () {
    $wall = Practice::wall();
    $twice = $wall->plan->yokeLine()->plus($wall->plan->doorway->brief->rules->gap);
    $slip = judgedOf(attempt($wall, ['yoke-line' => "{$twice->toMm()}"]), Ask::YokeLine)->slip;

    expect([$slip?->kind, $slip?->term])->toBe([SlipKind::Twice, 'floor-gap']);
});

test('a stud answer is told by what is wrong with it', function (callable $marks, SlipKind $kind) {
    $wall = Practice::wall();
    $right = array_map(fn ($stud) => $stud->x->toMm(), StudMarks::behind($wall->plan));
    $judged = judgedOf(attempt($wall, ['studs' => array_map(strval(...), $marks($right))]), Ask::Studs);

    expect($judged->slip?->kind)->toBe($kind);
})->with([
    'an edge' => [fn (array $right) => [$right[0] + 19, ...array_slice($right, 1)], SlipKind::StudEdge],
    'one missed' => [fn (array $right) => array_slice($right, 1), SlipKind::StudMissed],
    'one where none is' => [fn (array $right) => [...$right, $right[1] + 130], SlipKind::StudInvented],
    'none' => [fn (array $right) => [], SlipKind::Unanswered],
]);

test('a load that is not shared out, or without the hardware, is told as that', function (callable $kg, SlipKind $kind) {
    $wall = Practice::wall();
    $said = (string) $kg($wall->plan->mass->kg, $wall->plan->doorway->brief->leaf->hardwareKg);

    expect(judgedOf(attempt($wall, ['load' => $said]), Ask::Load)->slip?->kind)->toBe($kind);
})->with([
    'not shared' => [fn (float $leaf, float $hardware) => $leaf + $hardware, SlipKind::NotShared],
    'without hardware' => [fn (float $leaf, float $hardware) => $leaf / 2, SlipKind::HardwareForgotten],
]);

test('what is left empty is told as unanswered, each', function (Ask $ask) {
    $empty = $ask === Ask::Studs ? [] : '';

    expect(judgedOf(attempt(Practice::wall(), [$ask->value => $empty]), $ask)->slip?->kind)
        ->toBe(SlipKind::Unanswered);
})->with(fn () => array_combine(
    array_map(fn (Ask $ask) => $ask->value, Ask::toAnswer()),
    array_map(fn (Ask $ask) => [$ask], Ask::toAnswer()),
));

test('what was not measured and counts is told, what does not count is not', function () {
    $wall = Practice::wall();
    $measured = array_diff(array_keys($wall->readings()), ['survey.opening.left', 'survey.baseboard.height']);
    $attempt = new Attempt($wall, $measured, Answers::read([], $wall->unit), Doorways::kits());

    expect(judgedOf($attempt, Ask::Measured)->places)->toBe(['survey.opening.left']);
});

/** @return array{Attempt, Attempt} with the right leaf, and with the next wider one where that serves as well */
function widerServes(): array
{
    foreach (range(1, 30) as $seed) {
        $wall = Practice::wall(Level::Flat, $seed);
        $least = $wall->plan->layout->width->size->total;
        foreach ($wall->plan->doorway->brief->leaf->stockWidths as $size) {
            $attempt = attempt($wall, ['leaf-width' => (string) $size->toMm()]);
            if ($size->isOver($least) && judgedOf($attempt, Ask::LeafWidth)->against === []) {
                return [attempt($wall), $attempt];
            }
        }
    }

    throw new RuntimeException('On no wall a wider leaf serves.');
}

test('a wider leaf that serves is right, and what comes after follows it', function () {
    [$right, $wider] = widerServes();

    expect(judgedOf($wider, Ask::LeafWidth)->isRight)->toBeTrue()
        ->and(judgedOf($wider, Ask::StopOpen)->right?->equals(judgedOf($right, Ask::StopOpen)->right))
        ->toBeFalse();
});

test('a leaf that is too narrow is wrong, and says what speaks against it', function () {
    $judged = judgedOf(attempt(Practice::wall(), ['leaf-width' => '762']), Ask::LeafWidth);

    expect($judged->isRight)->toBeFalse()->and($judged->against)->not->toBe([]);
});

test('toggles alone are no backing', function () {
    expect(judgedOf(attempt(Practice::wall(), ['backing' => 'toggle']), Ask::Backing)->isRight)->toBeFalse();
});

test('what follows from a wrong number is told', function (string $ask, callable $said, string $happens) {
    $wall = Practice::wall();

    expect(happensOf(attempt($wall, [$ask => (string) $said($wall)])))->toContain($happens);
})->with([
    'a line too low scrapes' => ['yoke-line', fn ($wall) => $wall->plan->yokeLine()->toMm() - 30, 'scrapes'],
    'a board too high' => ['header-foot', fn ($wall) => $wall->plan->header->foot->total->toMm() + 60, 'board-misses'],
    'a line that is lower there' => [
        'line-here',
        fn ($wall) => $wall->plan->tapeUp(Attempt::here($wall->plan))->toMm() - 9,
        'rolls-there',
    ],
    'a line that is higher there' => [
        'line-here',
        fn ($wall) => $wall->plan->tapeUp(Attempt::here($wall->plan))->toMm() + 9,
        'rolls-away',
    ],
    'a stop that is off' => [
        'stop-shut',
        fn ($wall) => array_values($wall->plan->layout->stops)[0]->total->toMm() + 40,
        'stop-shut',
    ],
    'a guide outside its window' => ['guide', fn ($wall) => 5, 'guide-misses'],
]);

test('a leaf that scrapes scrapes where the floor is highest, by what it is too low', function () {
    $wall = Practice::wall();
    $low = $wall->plan->yokeLine()->minus($wall->plan->doorway->brief->rules->gap, Length::mm(6));
    [$scrapes] = Hung::of(attempt($wall, ['yoke-line' => "{$low->toMm()}"]))->happens;

    expect($scrapes->code)->toBe('scrapes')
        ->and($scrapes->with['by']->toMm())->toBeGreaterThan(4.0)->toBeLessThan(8.0)
        ->and($scrapes->with['at']->equals(Hung::of(attempt($wall))->setout->plan?->floor->highSpot()))->toBeTrue();
});

test('a bolt through the cable, or beside every stud, is told', function (callable $at, string $happens) {
    $wall = Practice::wall(Level::Cable);

    expect(happensOf(attempt($wall, ['studs' => [(string) $at($wall)]])))->toBe([$happens]);
})->with([
    'the cable' => [fn ($wall) => $wall->plan->doorway->survey->hazards[0]->x->middle()->toMm(), 'hits-cable'],
    'no stud' => [fn ($wall) => StudMarks::behind($wall->plan)[0]->x->toMm() + 130, 'misses-stud'],
]);

test('the door is hung as it was answered', function () {
    $wall = Practice::wall();
    $high = $wall->plan->yokeLine()->plus(Length::mm(40));
    $hung = Hung::of(attempt($wall, ['yoke-line' => "{$high->toMm()}"]))->setout;

    expect($hung->plan?->doorway->brief->rules->gap->toMm())->toBeGreaterThan(45.0)
        ->and(PracticeWall::against($hung))->not->toBe([]);
});

test('what cannot be read is refused at its place', function (string $ask, mixed $said) {
    try {
        Answers::read([$ask => $said], Unit::Millimetre);
        $refused = [];
    } catch (UnreadableFile $problem) {
        $refused = array_keys($problem->problems);
    }

    expect($refused)->toBe([$ask]);
})->with([['yoke-line', 'high'], ['load', 'heavy'], ['load', '-3'], ['studs', ['400', 'there']]]);

test('a mistake says how far off it leads', function () {
    $wall = Practice::wall();
    $slips = Slips::of(Ask::YokeLine, $wall->plan, $wall->plan->heights->yokeLine);
    $half = array_values(array_filter($slips, fn (Slip $slip) => $slip->kind === SlipKind::HalfRail))[0];

    expect($half->by?->equals($wall->plan->kit->rail->height->half()))->toBeTrue();
});
