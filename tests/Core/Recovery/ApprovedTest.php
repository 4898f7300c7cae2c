<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;
use YokeLine\Recovery\OnSite;
use YokeLine\Recovery\Problems;
use YokeLine\Recovery\Question;
use YokeLine\Recovery\Surveyed;
use YokeLine\Setout;
use YokeLine\Work\Order;

/* What is found on site: what is asked of it, and the ways out. */

const FOUND_AT = [
    'kiln-room', 'map-archive', 'slip-store', 'in throwing-room', 'glaze-store', 'reclaim-bay',
    'kiln-room, drilled on site',
];

/**
 * What is asked of it is told: each length so much off what was planned, of choices the so-manieth.
 *
 * @return array<string, Length|string>
 */
function toldOff(Problems $problems, Plan $plan, string $row, int $off): array
{
    return array_map(fn (Question $ask) => $ask->options === []
        ? ($ask->planned ?? $plan->rail->holes[0])->plus(Length::mm($off))
        : (string) array_keys($ask->options)[abs($off) % count($ask->options)], $problems->asks($row));
}

/**
 * The same, each length off by another one of these.
 *
 * @param  non-empty-list<int>  $offs
 * @return array<string, Length|string>
 */
function toldUneven(Problems $problems, Plan $plan, string $row, array $offs): array
{
    $told = toldOff($problems, $plan, $row, 0);
    foreach (array_keys(array_filter($told, fn (Length|string $one) => $one instanceof Length)) as $i => $field) {
        $told[$field] = $told[$field]->plus(Length::mm($offs[$i % count($offs)]));
    }

    return $told;
}

foreach (Problems::ROWS as $row) {
    Approved::ofDoorways('Recovery', [
        "{$row}, uneven" => function (Plan $plan, Setout $setout) use ($row): array {
            $problems = new Problems(new OnSite($setout->document, $plan));

            return array_map(
                fn (array $offs) => $problems->ways($row, toldUneven($problems, $plan, $row, $offs)),
                [[0, 2], [-3, 5, 1], [14, -9], [-40, 30, 8, -2]],
            );
        },
    ], ['kiln-room', 'map-archive', 'glaze-store']);
    Approved::ofDoorways('Recovery', [
        "{$row}, nothing done yet" => function (Plan $plan, Setout $setout) use ($row): array {
            $problems = new Problems(new OnSite($setout->document, $plan));

            return [$problems->asks($row), array_map(
                fn (int $off) => $problems->ways($row, toldOff($problems, $plan, $row, $off)),
                [-60, -19, 4, 43, 120],
            )];
        },
        "{$row}, all is done" => function (Plan $plan, Setout $setout) use ($row): array {
            $done = array_map(fn ($step) => $step->kind(), array_values(Order::of($plan)->steps));
            $problems = new Problems(new OnSite($setout->document, $plan, $done));

            return array_map(fn (int $off) => $problems->ways($row, toldOff($problems, $plan, $row, $off)), [-4, 19]);
        },
    ], FOUND_AT);
}

test('what was found stands in the survey as it was approved', function (string $row, string $name) {
    $document = Doorways::document($name);
    $plan = Doorways::plan($name);
    $problems = new Problems(new OnSite($document, $plan));
    $after = array_map(fn (int $off) => $document->changesTo(Surveyed::in(
        $document,
        Unit::Millimetre,
        $row,
        toldOff($problems, $plan, $row, $off),
        'Ines',
        '2026-05-04T09:00:00Z',
    )), [-19, 4, 43]);

    Approved::holds("Recovery/surveyed/{$row} {$name}", $after);
})->with(Problems::SURVEYED)->with(['kiln-room', 'map-archive']);

test('studs are told from the left, however they were written down', function () {
    $studs = [(object) ['x' => 1991], (object) ['x' => 785], (object) ['x' => 1388]];
    $plan = Doorways::plan('kiln-room', ['survey.studs' => $studs, 'brief.backing' => 'direct']);
    $problems = new Problems(new OnSite(Doorways::document('kiln-room', ['survey.studs' => $studs]), $plan));
    $row = current(preg_grep('/hole/', Problems::ROWS) ?: []);

    Approved::holds('Recovery/studs in no order', $problems->ways($row, toldOff($problems, $plan, $row, 19)));
});

test('a hazard that was found is known again by where it runs and what it is', function (
    array $told,
    ?int $at,
) {
    $there = fn (string $kind, array $x, string $source) => (object) ['kind' => $kind, 'x' => $x, 'source' => $source];
    $document = Doorways::document('kiln-room', ['survey.hazards' => [
        $there('cable', [900, 930], 'detector'),
        $there('cable', ['a word', 930], 'site'),
        $there('pipe', [1500, 1530], 'site'),
        $there('cable', [2000, 2030], 'site'),
    ]]);

    expect(Surveyed::hazardAt($document, Unit::Millimetre, $told))->toBe($at);
})->with([
    'nowhere' => [[], null],
    'not on site' => [['from' => Length::mm(900), 'to' => Length::mm(930), 'kind' => 'cable'], null],
    'another kind' => [['from' => Length::mm(1500), 'to' => Length::mm(1530), 'kind' => 'cable'], null],
    'a pipe' => [['from' => Length::mm(1500), 'to' => Length::mm(1530), 'kind' => 'pipe'], 2],
    'a cable, of which nothing more is said' => [['from' => Length::mm(2004), 'to' => Length::mm(2029)], 3],
]);

test('a floor that is read again where it was read has one reading there', function (string $than, string $level) {
    $readings = [
        (object) ['x' => 900, 'level' => 0], (object) ['x' => 1800, 'level' => 2], (object) ['x' => 2600, 'level' => 4],
    ];
    $document = Doorways::document('kiln-room', ['survey.floor.readings' => $readings]);
    $told = ['at' => Length::mm(1800), 'by' => Length::mm(3), 'than' => $than];
    $after = Surveyed::in($document, Unit::Millimetre, 'floor', $told, 'Ines', '2026-05-04T09:00:00Z');
    $floor = $after->get('survey.floor.readings');

    expect(json_encode(array_map(fn (object $one) => [(string) $one->x, (string) $one->level], $floor)))
        ->toBe('[["900","0"],["2600","4"],["1800","'.$level.'"]]');
})->with([['higher', '5'], ['lower', '-1']]);
