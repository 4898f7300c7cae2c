<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Catalog\Catalog;
use YokeLine\Doorway\FloorReading;
use YokeLine\Format\DoorwayReader;
use YokeLine\Format\KitReader;
use YokeLine\Format\SchemaCheck;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\Message;
use YokeLine\Measure\Span;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Floor;
use YokeLine\Setout;

test('a list with more than is taken is refused by the schema and by the reader in the same words', function (
    string $path,
) {
    $most = Catalog::whole()->at($path)->most;
    $document = Doorways::document('kiln-room', [$path => array_fill(0, $most + 1, (object) [])]);
    $says = new Message('refusals', ['most' => $most, 'found' => $most + 1], 'too-many');
    $schema = new SchemaCheck((string) file_get_contents(__DIR__.'/../../../public/schema/doorway-v1.schema.json'));
    foreach ([fn () => $schema->check($document), fn () => DoorwayReader::read($document)] as $reads) {
        try {
            $reads();
            $problems = [];
        } catch (UnreadableFile $refused) {
            $problems = $refused->problems;
        }
        expect($problems[$path] ?? null)->toEqual($says);
    }
})->with(['survey.floor.readings', 'survey.studs', 'survey.obstacles', 'survey.hazards', 'survey.solids']);

test('as many as are taken are planned', function () {
    $readings = array_map(
        fn (int $i) => (object) ['x' => 20 + 9 * $i, 'level' => ($i * 7) % 11],
        range(0, Catalog::whole()->at('survey.floor.readings')->most - 1),
    );
    $studs = array_map(
        fn (int $i) => (object) ['x' => 10 + 18 * $i, 'width' => 12],
        range(0, Catalog::whole()->at('survey.studs')->most - 1),
    );

    expect(
        Doorways::setout('kiln-room', ['survey.floor.readings' => $readings, 'survey.studs' => $studs])->plan,
    )->not->toBeNull();
});

test('a wall as short as two margins of a rail is planned and stopped, not broken', function (
    int $wall,
    string $backing,
) {
    $setout = Doorways::setout('kiln-room', [
        'survey.wall.to' => $wall,
        'survey.opening.left' => 10,
        'survey.opening.width' => [20],
        'survey.opening.casing' => null,
        'survey.studs' => [],
        'survey.floor.readings' => [],
        'brief.backing' => $backing,
    ]);

    expect($setout->verdict()->value)
        ->toBe('stopped')
        ->and($setout->plan->rail->holes)
        ->toEqual(array_unique($setout->plan->rail->holes, SORT_REGULAR));
})
    ->with([40, 60, 100, 120, 121, 150, 200])
    ->with(['header', 'direct']);

test('glass of no area is none', function () {
    expect(
        DoorwayReader::read(
            Doorways::document('kiln-room', [
                'brief.leaf.construction' => (object) ['kind' => 'panel', 'glass_m2' => 0],
            ]),
        )->brief->leaf->glassM2,
    )->toBe(0.0);
});

test('decimals beyond a nanometre are read and rounded', function (mixed $written, Unit $unit, int $nm) {
    expect(LengthReader::read($written, $unit)->nm)->toBe($nm);
})->with([
    [862.12345678901, Unit::Millimetre, 862_123_457],
    ['862.00000000001', Unit::Millimetre, 862_000_000],
    [33.9999999999999, Unit::Inch, 863_600_000],
    ['0.3333333333333333333333 in', Unit::Millimetre, 8_466_667],
    ['1.99999999999999999', Unit::Millimetre, 2_000_000],
]);

test('a kit with nothing to bend, or nothing to hold by, is refused at its place', function (string $place) {
    $shelf = Doorways::shelf()->with("kits[0].{$place}", 0);

    expect(fn () => KitReader::read($shelf))->toThrow(UnreadableFile::class, "kits[0].{$place} length-not-over-0");
})->with([
    'rail.height',
    'rail.thickness',
    'bolt.diameter',
    'bolt.length',
    'standoff_base',
    'rail.holes.max_spacing',
    'rail.max_fixing_spacing',
]);

test('the floor between readings is straight, and highest and lowest where a look at every place says', function (
    int $seed,
) {
    mt_srand($seed);
    $readings = array_map(
        fn (int $i) => new FloorReading(Length::mm(37 * $i + mt_rand(0, 30)), Length::mm(mt_rand(-9, 9))),
        range(0, mt_rand(0, 25)),
    );
    shuffle($readings);
    $floor = Floor::under($readings, new Span(Length::mm(100), Length::mm(700)));
    $levels = array_map(fn (Length $x) => $floor->at($x)->nm, $floor->places());

    expect(max($levels))
        ->toBe(0)
        ->and(min($levels))
        ->toBe(-$floor->fall()->nm)
        ->and($floor->at($floor->highSpot())->nm)
        ->toBe(0)
        ->and($floor->at($floor->lowSpot())->nm)
        ->toBe(min($levels));
    foreach ($readings as $reading) {
        expect($floor->at($reading->x)->nm + $floor->level())->toBe($reading->level->nm);
    }
})->with(range(1, 20));

test('every problem of a document over its bounds leaves the plan alone', function () {
    $refused = fn () => Setout::of(
        Doorways::document('kiln-room', ['survey.obstacles' => array_fill(0, 3000, (object) ['kind' => 'switch'])]),
        Doorways::kits(),
    );

    expect($refused)->toThrow(UnreadableFile::class, 'survey.obstacles too-many {"most":200,"found":3000}');
});

test(
    'where there are very many findings the cures of the first are tried, and it is said that there are more',
    function () {
        $switches = array_map(
            fn (int $i) => (object) [
                'kind' => 'switch',
                'x' => [20 + 18 * $i, 28 + 18 * $i],
                'y' => [1000, 1080],
                'projection' => 9,
            ],
            range(0, 149),
        );
        $few = Setout::quick(
            Doorways::document('kiln-room', ['survey.obstacles' => array_slice($switches, 0, 3)]),
            Doorways::kits(),
        );
        $many = Setout::quick(Doorways::document('kiln-room', ['survey.obstacles' => $switches]), Doorways::kits());
        $proved = $many->withProvedCures(Doorways::kits())->findings;

        expect($few->hasMoreCures())
            ->toBeFalse()
            ->and($many->hasMoreCures())
            ->toBeTrue()
            ->and($proved)
            ->toHaveCount(count($many->findings))
            ->and(array_filter($proved, fn ($finding) => $finding->code->value === 'covered' && $finding->cures !== []))
            ->not->toBe([]);
    },
);
