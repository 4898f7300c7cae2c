<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Catalog\Catalog;
use YokeLine\Format\Document;
use YokeLine\Format\DoorwayReader;
use YokeLine\Format\ItemIds;
use YokeLine\Format\KitReader;
use YokeLine\Format\PlanWriter;
use YokeLine\Format\SchemaCheck;
use YokeLine\Format\UnreadableFile;
use YokeLine\Planner\Planner;
use YokeLine\Setout;

/** @return array<string, string> why, by place */
function problems(callable $reading): array
{
    try {
        $reading();
    } catch (UnreadableFile $problem) {
        return array_map(fn ($why) => $why->how, $problem->problems);
    }

    return [];
}

function schema(): SchemaCheck
{
    return new SchemaCheck((string) file_get_contents(__DIR__.'/../../../public/schema/doorway-v1.schema.json'));
}

test('what a document does not know it keeps and gives back', function () {
    $json =
        '{"format":"yoke-line/doorway","version":1,"survey":{"colour":{},"list":[],"wall":{"from":0,"note":"x"}},"brief":{}}';

    expect(Document::fromJson($json)->with('survey.wall.from', 5)->toJson())->toBe(
        str_replace('"from":0', '"from":5', $json),
    );
});

test('a change leaves the document it was made from as it was', function () {
    $before = Doorways::document();
    $json = $before->toJson();
    $before->with('survey.studs[3].x', 1)->without('survey.floor.readings[0]');

    expect($before->toJson())->toBe($json);
});

test('a place past the end of a list is added to it, and one taken out closes up', function () {
    $document = Document::of(['list' => [['x' => 1]]])->with('list[7].x', 2);
    expect($document->toJson())->toBe('{"list":[{"x":1},{"x":2}]}');

    expect($document->without('list[0]')->toJson())->toBe('{"list":[{"x":2}]}');
});

test('changes are told place by place', function () {
    $before = Doorways::document();
    $after = $before->with('survey.wall.ceiling', 2600)->with('brief.rules.park', 3);

    expect($before->changesTo($after))->toBe([
        'survey.wall.ceiling' => ['before' => 2655, 'after' => 2600],
        'brief.rules.park' => ['before' => 0, 'after' => 3],
    ]);
});

test('every example passes the published schema', function (string $name) {
    expect(problems(fn () => schema()->check(Doorways::document($name))))->toBe([]);
})->with(['kiln-room', 'glaze-store', 'packing-loft', 'clay-store', 'wedging-room', 'map-archive', 'reclaim-bay']);

test('a new doorway, with nothing measured, passes the published schema', function (string $units) {
    expect(
        problems(
            fn () => schema()->check(
                Document::fromJson(
                    (string) file_get_contents(__DIR__."/../../../resources/doorways/new-{$units}.json"),
                ),
            ),
        ),
    )->toBe([]);
})->with(['mm', 'in']);

test('the schema names the place and what is wanted there', function (string $place, mixed $value, string $how) {
    $found = problems(fn () => schema()->check(Doorways::document(changes: [$place => $value])));

    expect($found)->toHaveKey($place)->and($found[$place])->toBe($how);
})->with([
    ['survey.studs[3].x', ['a'], 'want-length-not'],
    ['survey.opening.was', 'gone', 'want-one-of'],
    ['survey.opening.width', 5, 'want-list-not'],
    ['brief.hang', 'triple', 'want-one-of'],
    ['survey.wall', 'here', 'want-object-not'],
    ['name', 7, 'want-text-not'],
    ['survey.hazards', 'none', 'want-list-not'],
]);

test('a file of another kind or version is refused for that alone', function () {
    expect(problems(fn () => schema()->check(Document::of(['format' => 'other', 'version' => 1]))))
        ->toHaveKeys(['format'])
        ->and(problems(fn () => DoorwayReader::read(Document::of(['format' => 'yoke-line/doorway', 'version' => 3]))))
        ->toHaveKeys(['version'])
        ->and(problems(fn () => Document::fromJson('{nope')))
        ->toHaveKeys([''])
        ->and(problems(fn () => Document::fromJson('[1]')))
        ->toHaveKeys(['']);
});

test('the reader gathers every problem by its place', function () {
    $found = problems(
        fn () => DoorwayReader::read(
            Doorways::document(
                changes: ['survey.wall.to' => 'far', 'survey.studs[1].width' => -3, 'brief.leaf.thickness' => '0'],
            ),
        ),
    );

    expect(array_keys($found))->toBe(['survey.wall.to', 'survey.studs[1].width', 'brief.leaf.thickness']);
});

test('what cannot be is refused at its place', function (array $changes, string $place) {
    expect(problems(fn () => DoorwayReader::read(Doorways::document(changes: $changes))))->toHaveKey($place);
})->with([
    'a wall that ends before it begins' => [['survey.wall.to' => -5], 'survey.wall.to'],
    'an opening past the wall' => [['survey.opening.left' => 3000], 'survey.opening.left'],
    'an opening before the wall' => [['survey.wall.from' => 1000], 'survey.opening.left'],
    'two floor readings at one place' => [
        ['survey.floor.readings[4]' => ['x' => 900, 'level' => 1]],
        'survey.floor.readings[4].x',
    ],
    'a reading of no width' => [['survey.opening.width[0]' => 0], 'survey.opening.width[0]'],
]);

test('a shelf is read whole, and a kit that lacks a number says which', function () {
    expect(array_keys(Doorways::kits()))->toHaveCount(8);

    expect(
        problems(fn () => KitReader::read(Doorways::shelf()->without('kits[1].rise')->with('kits[2].rail.lengths', []))),
    )->toHaveKeys(['kits[1].rise', 'kits[2].rail.lengths']);
});

test('two kits of one id are refused', function () {
    expect(problems(fn () => KitReader::read(Doorways::shelf()->with('kits[1].id', 'flat-40-strap'))))->toHaveKey(
        'kits[1].id',
    );
});

test('an item is named by its id wherever it stands, and one that is not there is added under it', function () {
    $document = Document::of(['studs' => [['id' => 'a', 'x' => 1], ['id' => 'b', 'x' => 2]]]);

    expect($document->get('studs[#b].x'))
        ->toBe(2)
        ->and($document->get('studs[#c].x'))
        ->toBeNull()
        ->and($document->without('studs[#a]')->with('studs[#b].x', 5)->toJson())
        ->toBe('{"studs":[{"id":"b","x":5}]}')
        ->and($document->with('studs[#c].x', 3)->toJson())
        ->toBe('{"studs":[{"id":"a","x":1},{"id":"b","x":2},{"id":"c","x":3}]}')
        ->and($document->without('studs[#c]')->equals($document))
        ->toBeTrue()
        ->and($document->counted('studs[#b].x'))
        ->toBe('studs[1].x');
});

test('items that have ids are compared by them, whatever was added or taken out beside them', function () {
    $before = Document::of(['studs' => [['id' => 'a', 'x' => 1], ['id' => 'b', 'x' => 2]]]);
    $after = $before->without('studs[#a]')->with('studs[#b].x', 5)->with('studs[#n].x', 9);

    expect(array_keys($before->changesTo($after)))->toBe(['studs[#a]', 'studs[#b].x', 'studs[#n]']);
});

test('every item of a doorway is given an id, once and for all', function (string $name) {
    $given = ItemIds::given(Doorways::document($name));

    expect($given->get('version'))
        ->toBe(2)
        ->and(ItemIds::given($given)->equals($given))
        ->toBeTrue();
    foreach (Catalog::whole()->lists() as $list) {
        $ids = array_map(fn ($item) => $item->id, (array) $given->get($list));
        expect($ids)->toHaveCount(count(array_unique($ids)));
    }
    // What is planned is the same, and what is said of it names items by their ids.
    $plan = fn (Document $document) => array_diff_key(
        PlanWriter::write(
            Planner::plan(DoorwayReader::read($document), Doorways::kits()[$document->get('brief.kit')]),
            [],
        ),
        ['findings' => 1],
    );
    expect($plan($given))->toEqual($plan(Doorways::document($name)));
})->with(['kiln-room', 'map-archive', 'reclaim-bay', 'slip-store', 'meter-room']);

test('two items of one id are told apart', function () {
    $document = Doorways::document('kiln-room', [
        'survey.studs' => [['id' => 'k', 'x' => 100], ['id' => 'k', 'x' => 500], ['x' => 900]],
    ]);

    expect(array_map(fn ($stud) => $stud->id, ItemIds::given($document, 'n')->get('survey.studs')))
        ->toBe(['k', 'n1', 'n2'])
        ->and(ItemIds::next(ItemIds::given($document, 'n'), 'n'))
        ->toBe('n5', 'The floor has four of that name already.');
});

test('a hazard that is moved keeps its place, and the next one is still the next one', function () {
    $hazards = [
        ['kind' => 'pipe', 'x' => [700, 720], 'y' => [0, 2600], 'moved' => true],
        ['kind' => 'cable', 'x' => [1990, 1990], 'y' => [0, 2600]],
    ];
    $setout = Setout::of(
        Doorways::document('kiln-room', ['brief.header.thickness' => 38, 'survey.hazards' => $hazards]),
        Doorways::kits(),
    );
    $finding = array_values(
        array_filter($setout->findings, fn ($finding) => $finding->code->value === 'cable-behind'),
    )[0];

    expect($finding->where)
        ->toBe('survey.hazards[1].x[0]')
        ->and(array_merge(...array_map(fn ($cure) => array_keys($cure->changes), $finding->cures)))
        ->toContain('survey.hazards[1].moved');
});

test('a place is told by a count or by an id, and comes to the same item', function (string $counted, string $named) {
    $document = Document::of([
        'survey' => ['studs' => [['id' => 'a', 'x' => 1], ['id' => 'b', 'x' => 2]], 'list' => [7, 8]],
    ]);

    expect($document->named($counted))->toBe($named)->and($document->counted($named))->toBe($counted)
        ->and($document->get($counted))->toBe($document->get($named));
})->with([
    ['survey.studs[1].x', 'survey.studs[#b].x'], ['survey.studs[0]', 'survey.studs[#a]'],
    ['survey.list[1]', 'survey.list[1]'], ['survey.studs', 'survey.studs'],
]);

test('what is wrong in a file within another is told by its name', function () {
    $wrong = UnreadableFile::at('survey.wall', 'no-object')->within('doorways/one.json');

    expect(array_keys($wrong->problems))->toBe(['doorways/one.json survey.wall'])
        ->and($wrong->problems['doorways/one.json survey.wall']->how)->toBe('no-object')
        ->and(array_keys(UnreadableFile::notJson()->within('a.json')->problems))->toBe(['a.json']);
});

test('taking out what was never there leaves a document as it is', function () {
    $document = Document::of(['survey' => ['wall' => ['to' => 3]]]);

    expect($document->without('brief.rules.gap'))->toBe($document)
        ->and($document->without('survey.wall.to')->toJson())->toBe('{"survey":{"wall":{}}}')
        ->and($document->without('survey')->toJson())->toBe('{}');
});

test('a number that no computer holds is refused, however it is written', function (string $number) {
    expect(fn () => Document::fromJson("{\"x\": {$number}}"))->toThrow(UnreadableFile::class);
})->with([
    '1e309', '-1E+400', '0.1e0310', 'in figures' => [str_repeat('9', 309)], 'both' => [str_repeat('9', 299).'e10'],
]);

test('one that it holds is read, also where a text looks like one that it does not', function (string $value) {
    expect(Document::fromJson("{\"x\": {$value}}")->toJson())->toBe("{\"x\":{$value}}");
})->with(['1.0e+308', '"1e400"', '"'.str_repeat('9', 400).'"']);
