<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Format\DoorwayReader;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Recovery\OnSite;
use YokeLine\Recovery\Problems;
use YokeLine\Recovery\Question;
use YokeLine\Recovery\Surveyed;

const ASKED_AT = ['kiln-room', 'map-archive', 'slip-store'];

function problemsAt(string $name): Problems
{
    return new Problems(new OnSite(Doorways::document($name), Doorways::plan($name), []));
}

/** @return array<string, Length|string> every question of a row answered: a length, or the last of its list */
function answeredAt(string $name, string $row): array
{
    return array_map(
        fn (Question $ask) => $ask->options === [] ? Length::mm(700) : (string) array_key_last($ask->options),
        problemsAt($name)->asks($row),
    );
}

test('what is found of the wall itself is asked for whole: told so, it stands in the survey', function (
    string $row,
    string $name,
) {
    $before = Doorways::document($name);
    $after = Surveyed::in($before, Unit::Millimetre, $row, answeredAt($name, $row), 'Ines', '2026-05-04T09:00:00Z');

    expect($after->equals($before))->toBeFalse()
        ->and(DoorwayReader::read($after)->name)->toBe(DoorwayReader::read($before)->name);
})->with(Problems::SURVEYED)->with(ASKED_AT);

test('every size that can be told anew stands in the survey, and each is called by a name of its own', function (
    string $name,
) {
    $sizes = problemsAt($name)->asks('size')['size']->options;
    $missing = array_filter(array_keys($sizes), fn (string $place) => Doorways::document($name)->get($place) === null);
    $called = array_map(fn ($message) => json_encode([$message->how, $message->with]), $sizes);

    expect(array_values($missing))->toBe([])->and(array_unique($called))->toHaveCount(count($sizes));
})->with(ASKED_AT);

test('a stud that was missed is asked for by where it was thought to be, and no stud beside the rail is', function () {
    $plan = Doorways::plan();
    $asked = array_map(fn (Question $ask) => $ask->planned?->toMm(), problemsAt('kiln-room')->asks('hole-missed'));
    $passed = array_filter($plan->doorway->survey->studs, fn ($stud) => $plan->rail->span->contains($stud->x));

    expect(array_values($asked))->toBe(array_values(array_map(fn ($stud) => $stud->x->toMm(), $passed)));
});

test('of two leaves each is asked for by itself', function () {
    $one = array_keys(problemsAt('kiln-room')->asks('leaf-differs'));
    $two = array_keys(problemsAt('map-archive')->asks('leaf-differs'));

    expect(count($two))->toBe(2 * count($one))->and(array_intersect($one, $two))->toBe([]);
});

test('nothing is asked of what no one can find', function () {
    expect(problemsAt('kiln-room')->asks('moon'))->toBe([])
        ->and(problemsAt('kiln-room')->ways('moon', []))->toBe([[], []]);
});

test('what is not told yet has no way out', function (string $row) {
    expect(problemsAt('kiln-room')->ways($row, [])[1])->toBe([]);
})->with(['wall-ends', 'bounces', 'kit-differs', 'hazard']);
