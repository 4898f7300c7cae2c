<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Doorway\Backing;
use YokeLine\Holding\Alternative;
use YokeLine\Holding\Alternatives;
use YokeLine\Planning\Plan;

/** What could carry a rail: whether it would, and by how many holes. */

/** @return array<string, Alternative> by what it says; of several longer rails the last */
function alternativesBy(Plan $plan): array
{
    $by = [];
    foreach (Alternatives::of($plan) as $one) {
        $by[$one->says()->how] = $one;
    }

    return $by;
}

test('straight to the studs it says how many holes hold, where, and what is next best', function () {
    $direct = alternativesBy(Doorways::plan())['direct.next'];
    $with = $direct->says()->with;

    expect([$direct->backing, $direct->holds])->toBe([Backing::Direct, false])
        ->and([$with['hits'], $with['of'], $with['at']->toMm(), $with['next'], $with['next_at']->toMm()])
        ->toBe([4, 6, 725.0, 3, 722.0]);
});

test('where no stud is known nothing is next best', function () {
    $by = alternativesBy(Doorways::plan(changes: ['survey.studs' => []]));

    expect($by)->toHaveKey('direct')->not->toHaveKey('direct.next')
        ->and($by['direct']->says()->with['hits'])->toBe(0)
        ->and($by['direct']->holds)->toBeFalse();
});

test('a header holds from two studs on', function (array $studs, bool $holds) {
    $plan = Doorways::plan(changes: ['survey.studs' => array_map(fn (int $x) => (object) ['x' => $x], $studs)]);

    expect(alternativesBy($plan)['header']->holds)->toBe($holds);
})->with([
    'none' => [[], false],
    'one' => [[1200], false],
    'two' => [[1200, 2400], true],
]);

test('a longer rail is one that is sold, that the wall has room for, and that is longer than this one', function (
    string $doorway,
    array $changes,
    array $lengths,
) {
    $longer = Alternatives::longer(Doorways::plan($doorway, $changes));

    expect(array_map(fn (array $one) => $one[0]->toMm(), $longer))->toBe($lengths);
})->with([
    'two of them' => ['kiln-room', [], [2440.0, 3050.0]],
    'a wall for one of them' => ['drying-niche', [], [2440.0]],
    'the longest already' => ['kiln-room', ['survey.wall.to' => 2740, 'survey.wall.from' => 640], []],
    'none is longer' => ['reclaim-bay', [], []],
]);

test('a longer rail reaches as many studs as lie behind its holes', function () {
    $hits = array_map(
        fn (array $one) => [count($one[1]->hitPlaces), $one[1]->holes],
        Alternatives::longer(Doorways::plan()),
    );

    expect($hits)->toBe([[1, 8], [2, 10]]);
});

test('new holes are counted, and none are told as that', function () {
    expect(alternativesBy(Doorways::plan())['new-holes']->says()->with)->toBe(['count' => 1])
        ->and(alternativesBy(Doorways::plan('reclaim-bay')))->toHaveKey('new-holes.none')->not->toHaveKey('new-holes');
});

test('masonry is offered where the wall is masonry, and nowhere else', function () {
    expect(alternativesBy(Doorways::plan('drying-niche'))['masonry']->holds)->toBeTrue()
        ->and(alternativesBy(Doorways::plan()))->not->toHaveKey('masonry');
});

test('blocking put in the wall always holds, toggles only what they may carry', function () {
    $by = alternativesBy(Doorways::plan());

    expect([$by['blocking']->backing, $by['blocking']->holds])->toBe([null, true])
        ->and([$by['toggle']->backing, $by['toggle']->holds])->toBe([Backing::Toggle, false]);
});

test('each says what it costs, by what it is and not by how well it would do', function () {
    foreach (Alternatives::of(Doorways::plan()) as $one) {
        expect($one->costs()->how)->toBe(explode('.', $one->says()->how)[0])->and($one->costs()->with)->toBe([]);
    }
});
