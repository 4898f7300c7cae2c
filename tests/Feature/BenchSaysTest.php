<?php

declare(strict_types=1);

use App\Bench\Bench;
use App\Bench\Field;
use App\Bench\Group;
use App\Bench\Station;
use App\Models\Doorway;
use App\Words\Speaker;
use Tests\Begun;
use Tests\Core\Support\Approved;
use Tests\FormInShort;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;

/* What the bench says beside its fields, of doorways of every kind: what is open, numbers, drawings, the slide. */

beforeEach(fn () => request()->setLaravelSession(app('session.store')));

/** @return array<string, string> each drawing by a mark */
function drawnInShort(Bench $bench): array
{
    $drawings = $bench->drawings();

    return array_map(FormInShort::mark(...), [
        'elevation' => $drawings->elevation(),
        'above' => $drawings->above(),
        'profile' => $drawings->profile(),
        'loads' => $drawings->loads(),
        'section' => $drawings->section(),
    ]);
}

/** @return array<string, mixed> */
function benchInShort(Doorway $doorway, Station $station): array
{
    $bench = new Bench($doorway, $station, null);

    return [
        'to settle' => $bench->toSettle(),
        'asks' => $bench->asks(),
        'house rules' => $bench->houseRules(),
        'drawings' => drawnInShort($bench),
        'slide' => FormInShort::mark($bench->slide()),
    ];
}

dataset('benches', [
    'kiln-room', 'glaze-store', 'map-archive', 'reclaim-bay', 'slip-store, two that pass', 'loading-bay',
    'in throwing-room', 'kiln-room framed', 'kiln-room joined', 'kiln-room planked',
]);

test('a station says what was approved', function (string $kind) {
    $doorway = Begun::doorway($kind);
    $stations = Station::cases();
    Approved::holds("Bench/shown/{$kind}", array_combine(
        array_map(fn (Station $station) => $station->value, $stations),
        array_map(fn (Station $station) => benchInShort($doorway, $station), $stations),
    ));
})->with('benches');

test('in the other unit fields and numbers are said in it', function () {
    $doorway = Begun::doorway('kiln-room');
    $bench = fn (Station $station) => new Bench($doorway, $station, Unit::Inch);
    Approved::holds('Bench/shown/kiln-room in inches', [
        'wall' => FormInShort::of($bench(Station::Wall)),
        'leaf' => FormInShort::of($bench(Station::Leaf)),
        'numbers' => $bench(Station::Leaf)->numbers()->readOut(),
    ]);
});

test('the numbers that one reads out are those that were approved', function (string $kind) {
    $bench = new Bench(Begun::doorway($kind), Station::Rail, null);
    Approved::holds("Bench/read out/{$kind}", $bench->numbers()->readOut());
})->with('benches');

test('what is chosen asks for what it brings along', function (string $kind, array $changes, array $asks) {
    $places = fn (Doorway $doorway): array => array_merge(...array_map(
        fn (Station $station) => array_map(
            fn (Field $field) => $field->place,
            FormInShort::fields(new Bench($doorway, $station, null)),
        ),
        Station::cases(),
    ));
    [$without, $with] = [$places(Begun::doorway($kind)), $places(Begun::doorway($kind, $changes))];

    expect(array_values(array_diff($with, $without)))->toContain(...$asks);
})->with([
    'a pull asks for its size' => [
        'kiln-room', ['brief.pulls.front.kind' => 'bar'],
        ['brief.pulls.front.width', 'brief.pulls.front.height', 'brief.pulls.front.projection'],
    ],
    'a leaf to above the casing' => [
        'kiln-room', ['brief.rules.reach' => 'above-casing'], ['brief.rules.above_casing'],
    ],
    'a buffer asks where it stands' => [
        'kiln-room', ['brief.ends.shut.by' => 'wall-buffer'], ['brief.ends.shut.at'],
    ],
]);

/* What is refused, and what is moved away. */

test('what is refused stands at its field, and at the top where there is none', function () {
    $doorway = Begun::doorway('kiln-room');
    $refused = [
        'brief.rules.gap' => ['typed' => 'wide', 'says' => 'It is not a length.'],
        'brief.moon' => ['typed' => 'x', 'says' => 'There is no such field.'],
        'survey.moon' => ['typed' => 'y', 'says' => 'Nor such a one.'],
    ];
    $bench = new Bench($doorway, Station::Leaf, null, $refused);
    $gap = Group::field('brief.rules.gap', ...$bench->groups());

    expect($bench->astray())->toBe(['There is no such field.', 'Nor such a one.'])
        ->and($bench->refusal($gap))->toBe('It is not a length.')
        ->and($bench->value($gap))->toBe('wide')
        ->and($bench->refusal(Group::field('brief.hang', ...$bench->groups())))->toBeNull();
});

test('a thing that is moved away is told with what that leaves to make good', function (array $thing, string $how) {
    $doorway = Begun::doorway('kiln-room', ['survey.obstacles' => [
        (object) ['x' => [2500, 2600], 'y' => [0, 1100], 'projection' => 60, 'moved' => true, ...$thing],
        (object) ['kind' => 'shelf', 'name' => 'shelf', 'x' => [2700, 2800], 'y' => [0, 900], 'projection' => 60],
    ]]);
    $thing = new Message("bench.move.{$how}", ['thing' => Message::word('things', $thing['name'])]);

    expect((new Bench($doorway, Station::Rail, null))->toMove())
        ->toBe([Speaker::in(new LengthWriter(Unit::Millimetre))->say($thing)]);
})->with([
    'on the wall' => [['kind' => 'radiator', 'name' => 'radiator'], 'fixed'],
    'with wires' => [['kind' => 'switch', 'name' => 'switch'], 'wired'],
]);

test('readings that can hardly all be right are asked about where they are typed, and nowhere else', function () {
    $doorway = Begun::doorway('kiln-room', ['survey.opening.width' => [818, 902, 818]]);

    expect((new Bench($doorway, Station::Wall, null))->asks())->not->toBe([])
        ->and((new Bench($doorway, Station::Leaf, null))->asks())->toBe([]);
});
