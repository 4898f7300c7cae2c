<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Format\Document;
use YokeLine\Format\DoorwayReader;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Recovery\Surveyed;

/* What was found on site stands in the survey from then on: as a document has it, by whom and when. */

const FOUND_BY = ['source' => 'site', 'found_by' => 'Ines', 'found_at' => '2026-05-04T09:00:00Z'];

/** @param  array<string, Length|string>  $told */
function surveyed(string $row, array $told, ?Document $in = null, Unit $units = Unit::Millimetre): Document
{
    return Surveyed::in($in ?? Doorways::document(), $units, $row, $told, 'Ines', '2026-05-04T09:00:00Z');
}

/** @return array<string, mixed> the last of a list */
function lastOf(Document $document, string $list): array
{
    $items = (array) $document->get($list);

    return (array) end($items);
}

test('a cable that was found runs from floor to ceiling where nobody saw its ends', function () {
    $found = surveyed('hazard', ['kind' => 'cable', 'from' => Length::mm(1600), 'to' => Length::mm(1630)]);

    expect(lastOf($found, 'survey.hazards'))->toBe([
        'kind' => 'cable',
        'x' => ['1600', '1630'],
        'y' => ['0', $found->get('survey.wall.ceiling')],
        ...FOUND_BY,
    ]);
});

test('a pipe of which both ends are known runs between them', function () {
    $pipe = lastOf(surveyed('hazard', [
        'kind' => 'pipe', 'from' => Length::mm(900), 'low' => Length::mm(300), 'high' => Length::mm(1100),
    ]), 'survey.hazards');

    expect([$pipe['kind'], $pipe['x'], $pipe['y']])->toBe(['pipe', ['900', '900'], ['300', '1100']]);
});

test('where no ceiling was measured a cable is taken to run three metres up', function () {
    $bare = Doorways::document(changes: ['survey.wall.ceiling' => null]);

    expect(lastOf(surveyed('hazard', ['from' => Length::mm(900)], $bare), 'survey.hazards')['y'])->toBe(['0', '3000']);
});

test('the same cable found again within six centimetres is moved, another one is added', function (int $at, int $more) {
    $once = surveyed('hazard', ['kind' => 'cable', 'from' => Length::mm(1600)]);
    $before = count((array) $once->get('survey.hazards'));
    $again = surveyed('hazard', ['kind' => 'cable', 'from' => Length::mm($at)], $once);

    expect(count((array) $again->get('survey.hazards')) - $before)
        ->toBe($more)
        ->and(lastOf($again, 'survey.hazards')['x'])
        ->toBe(["{$at}", "{$at}"]);
})->with([[1659, 0], [1541, 0], [1661, 1], [1539, 1]]);

test('a pipe is never the cable beside it', function () {
    $once = surveyed('hazard', ['kind' => 'cable', 'from' => Length::mm(1600)]);

    expect(Surveyed::hazardAt($once, Unit::Millimetre, ['kind' => 'pipe', 'from' => Length::mm(1600)]))->toBeNull()
        ->and(Surveyed::hazardAt($once, Unit::Millimetre, ['kind' => 'cable', 'from' => Length::mm(1600)]))
        ->toBe(count((array) $once->get('survey.hazards')) - 1);
});

test('a hole that missed its stud puts that stud where it is', function () {
    $studs = (array) Doorways::document()->get('survey.studs');
    $found = surveyed('hole-missed', ['stud-1' => Length::mm(1111)]);

    expect((array) $found->get('survey.studs[1]'))
        ->toMatchArray(['x' => '1111', ...FOUND_BY])
        ->and($found->get('survey.studs'))
        ->toHaveCount(count($studs))
        ->and($found->get('survey.studs[0]'))
        ->toEqual($studs[0]);
});

test('a stud that was found is one more, with its width where that was told', function (array $told, array $has) {
    $before = count((array) Doorways::document()->get('survey.studs'));
    $found = surveyed('stud', ['at' => Length::mm(3333), ...$told]);

    expect($found->get('survey.studs'))
        ->toHaveCount($before + 1)
        ->and(lastOf($found, 'survey.studs'))
        ->toBe(['x' => '3333', ...$has, ...FOUND_BY]);
})->with([
    'without' => [[], []],
    'with' => [['width' => Length::mm(45)], ['width' => '45']],
]);

test('what stands on the wall or in it has its sides in order, whichever was told first', function (string $row, array $has) {
    $found = surveyed($row, [
        'from' => Length::mm(2600), 'to' => Length::mm(2500), 'low' => Length::mm(1100), 'high' => Length::zero(),
        'kind' => 'shelf', 'projection' => Length::mm(120),
    ]);

    expect(lastOf($found, "survey.{$row}s"))->toBe([
        'kind' => 'shelf', ...$has, 'x' => ['2500', '2600'], 'y' => ['0', '1100'], 'projection' => '120', ...FOUND_BY,
    ]);
})->with(['on it' => ['obstacle', ['name' => 'shelf']], 'in it' => ['solid', []]]);

test('a reading of the floor is so much over or under what the survey says there', function (string $than, int $by) {
    $level = fn (Document $document) => Length::nm(
        DoorwayReader::read($document)->survey->floor === [] ? 0 : YokeLine\Planning\Floor::under(
            DoorwayReader::read($document)->survey->floor,
            new YokeLine\Measure\Span(Length::mm(1500), Length::mm(1500)),
        )->level(),
    )->toMm();
    $before = $level(Doorways::document());
    $after = surveyed('floor', ['at' => Length::mm(1500), 'by' => Length::mm(4), 'than' => $than]);

    expect($level($after) - $before)->toEqual($by)
        ->and(lastOf($after, 'survey.floor.readings'))
        ->toMatchArray(['x' => '1500', ...FOUND_BY]);
})->with([['higher', 4], ['lower', -4]]);

test('a place of the floor that is read again has one reading', function () {
    $once = surveyed('floor', ['at' => Length::mm(1500), 'by' => Length::mm(4), 'than' => 'higher']);
    $twice = surveyed('floor', ['at' => Length::mm(1500), 'by' => Length::mm(1), 'than' => 'lower'], $once);

    expect($twice->get('survey.floor.readings'))->toHaveCount(count((array) $once->get('survey.floor.readings')));
});

test('a size is written where it stands', function (string $row, array $told, string $place) {
    expect(surveyed($row, $told)->get($place))->toBe('77');
})->with([
    'the wall’s right end' => ['wall-ends', ['at' => Length::mm(77), 'end' => 'to'], 'survey.wall.to'],
    'the wall’s left end' => ['wall-ends', ['at' => Length::mm(77), 'end' => 'from'], 'survey.wall.from'],
    'what the leaf rubs on' => [
        'rubs', ['proud' => Length::mm(77), 'thing' => 'survey.baseboard.projection'], 'survey.baseboard.projection',
    ],
    'any size' => ['size', ['is' => Length::mm(77), 'size' => 'survey.opening.left'], 'survey.opening.left'],
]);

test('what is told in inches stands in inches', function () {
    $found = surveyed('stud', ['at' => Length::sixteenths(16 * 40 + 3)], units: Unit::Inch);

    expect(lastOf($found, 'survey.studs')['x'])->toBe('40 3/16');
});

test('what is not told whole, or is nothing of a survey, leaves it as it is', function (string $row, array $told) {
    expect(surveyed($row, $told)->equals(Doorways::document()))->toBeTrue();
})->with([
    'no place of a cable' => ['hazard', ['kind' => 'cable']],
    'no place of a stud' => ['stud', ['width' => Length::mm(45)]],
    'no place along the floor' => ['floor', ['by' => Length::mm(4)]],
    'no height of the floor' => ['floor', ['at' => Length::mm(1500)]],
    'three sides of a thing' => [
        'obstacle', ['from' => Length::mm(1), 'to' => Length::mm(2), 'low' => Length::mm(3)],
    ],
    'no length of a size' => ['size', ['size' => 'survey.opening.left', 'is' => 'wide']],
    'a thing that is none of the survey’s' => ['rubs', ['proud' => Length::mm(9), 'thing' => 'brief.rules.gap']],
    'the end of the wall, but not where' => ['wall-ends', ['end' => 'to']],
    'a row that is none' => ['nothing', ['at' => Length::mm(9)]],
]);
