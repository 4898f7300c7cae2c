<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Catalog\Catalog;
use YokeLine\Doorway\Kit;
use YokeLine\Format\Document;
use YokeLine\Format\KitReader;
use YokeLine\Format\UnreadableFile;
use YokeLine\Inspection\Finding;
use YokeLine\Measure\Message;
use YokeLine\Work\AtHand;

/** What nothing can be planned without. */
function leastSheet(array $changes = []): Document
{
    $sheet = Document::of([
        'id' => 'least',
        'name' => 'Told by halves',
        'hang' => ['single'],
        'rail' => ['height' => 40, 'thickness' => 6, 'lengths' => [2130], 'holes' => ['first' => 60, 'max_spacing' => 450]],
        'height' => ['value' => 41, 'datum' => 'hole'],
        'hanger' => ['inset' => 72],
        'standoff' => 30,
    ]);
    foreach ($changes as $place => $value) {
        $sheet = $value === null ? $sheet->without($place) : $sheet->with($place, $value);
    }

    return $sheet;
}

/** @return list<string> the numbers that a plan with this kit asks for */
function askedFor(Document $sheet, array $changes = []): array
{
    $found = array_values(
        array_filter(
            Doorways::setout('kiln-room', ['kit' => $sheet->root, 'brief.kit' => 'least', ...$changes])->findings,
            fn (Finding $finding) => $finding->code->value === 'kit-usual',
        ),
    );

    return $found === [] ? [] : array_map(fn (Message $what) => $what->how, $found[0]->with['what']);
}

test('a new kit needs no more than a plan does', function () {
    expect(KitReader::sheet(leastSheet()))->toBeInstanceOf(Kit::class);
});

test('without one of these nothing is planned, and it is asked at its place', function (string $place) {
    expect(fn () => KitReader::sheet(leastSheet([$place => null])))->toThrow(function (UnreadableFile $refused) use (
        $place,
    ) {
        expect(array_keys($refused->problems))->toContain("kit.{$place}");
    });
})->with([
    'rail.height',
    'rail.thickness',
    'rail.lengths',
    'rail.holes.first',
    'rail.holes.max_spacing',
    'height.value',
    'hanger.inset',
    'standoff',
]);

test('what a sheet leaves out is what is usual in its unit', function () {
    expect(KitReader::sheet(leastSheet())->stop->reach->toMm())
        ->toBe(42.0)
        ->and(KitReader::sheet(leastSheet(['units' => 'in', 'rail.lengths' => [84]]))->stop->reach->toMm())
        ->toBe(41.275);
});

test('a plan asks for what it took as usual, and for nothing that it has', function () {
    $asked = askedFor(leastSheet());

    expect($asked)
        ->toContain('kit.capacity_kg', 'kit.stop.reach', 'kit.guide.blade_height', 'kit.hanger.hole_diameter')
        ->and($asked)
        ->not->toContain('kit.standoff', 'kit.hanger.inset', 'kit.rail.height');
});

test('it asks no more for a number that is told', function () {
    expect(askedFor(leastSheet(['stop.reach' => 40])))->not->toContain('kit.stop.reach');
});

test('it asks for no hole where a plate is screwed on, and for no blade where a roller guides', function () {
    expect(askedFor(leastSheet(['hanger.style' => 'top-plate'])))
        ->not->toContain('kit.hanger.hole_diameter', 'kit.hanger.strap_thickness')
        ->and(askedFor(leastSheet(), ['brief.rules.guide' => 'roller']))
        ->not->toContain('kit.guide.blade_height', 'kit.guide.length');
});

test('every number of a kit that ships is told', function (string $id) {
    expect(Doorways::kits()[$id]->usual)->toBe([]);
})->with(
    // As the files name them: one that is not read is missed.
    array_map(
        fn (stdClass $kit) => $kit->id,
        [...Doorways::shelf()->get('kits'), ...Doorways::shelf('kits-inch')->get('kits')],
    ),
);

test('every number that is usual has its usual value in both units', function () {
    foreach (KitReader::sheet(leastSheet())->usual as $key) {
        $field = Catalog::whole()->find("kit.{$key}");
        $isTold = $field === null || $field->usual !== null || isset($field->usualLength['mm'], $field->usualLength['in']);
        expect($isTold || $key === 'leaf_thickness')->toBeTrue($key);
    }
});

test('where screws come in two lengths it is said which goes where', function () {
    $kit = fn (array $screws) => Doorways::kit('flat-40-strap', ['soft_close.screws' => $screws]);
    $says = fn (array $screws) => array_map(
        fn (Message $line) => $line->how,
        AtHand::stop(Doorways::plan('kiln-room', [], $kit($screws))),
    );

    expect($says(['short' => 16, 'long' => 35]))
        ->toContain('catch-screws')
        ->and($says(['short' => 16]))
        ->not->toContain('catch-screws');
});
