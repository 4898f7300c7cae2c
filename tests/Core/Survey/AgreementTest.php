<?php

declare(strict_types=1);

use Eris\Generators;
use Tests\Core\Support\Doorways;
use YokeLine\Format\Document;
use YokeLine\Measure\Unit;
use YokeLine\Survey\Agreement;
use YokeLine\Survey\Readings;

uses(Eris\TestTrait::class);

/**
 * @param  array<string, int|string>  $told
 * @return list<string> the keys of what is asked
 */
function askedOf(array $told, Unit $unit = Unit::Millimetre): array
{
    $document = Document::fromJson('{}');
    foreach ($told as $place => $value) {
        $document = $document->with("survey.{$place}", $value);
    }

    return array_column(Agreement::askedOf(Readings::in($document, $unit)), 'key');
}

const A_WALL = [
    'wall.from' => 0,
    'opening.casing.left' => 70,
    'opening.left' => 905,
    'opening.width[0]' => 862,
    'opening.width[1]' => 864,
    'opening.casing.right' => 70,
    'wall.to' => 3640,
    'opening.height[0]' => 2053,
    'opening.height[1]' => 2050,
    'opening.casing.head' => 70,
    'wall.ceiling' => 2655,
    'wall.crown.drop' => 0,
    'baseboard.height' => 120,
    'baseboard.thickness' => 14,
];

test('a wall that agrees is asked nothing', fn () => expect(askedOf(A_WALL))->toBe([]));

test('what can hardly be true is asked', function (array $told, string $key) {
    expect(askedOf([...A_WALL, ...$told]))->toContain($key);
})->with([
    'a casing before the wall' => [['opening.left' => 60], 'begins-outside'],
    'an opening past the wall’s end' => [['wall.to' => 1830], 'ends-outside'],
    'a head over the ceiling' => [['wall.ceiling' => 2120], 'over-ceiling'],
    'a right head over the ceiling' => [['opening.height[1]' => 2640], 'over-ceiling'],
    'a baseboard over the opening' => [['baseboard.height' => 2200], 'baseboard-high'],
    'widths that are far apart' => [['opening.width[1]' => 964], 'widths-differ'],
    'widths that are far apart, the other way' => [['opening.width[0]' => 964], 'widths-differ'],
    'heights that are far apart' => [['opening.height[1]' => 1950], 'heights-differ'],
    'a height with a digit left out' => [['opening.height[0]' => 205, 'opening.height[1]' => 205], 'small'],
    'a width with a digit left out' => [['opening.width[0]' => 86], 'small'],
    'a ceiling with a digit left out' => [['wall.ceiling' => 265], 'small'],
    'a baseboard that stands out too far' => [['baseboard.thickness' => 140], 'large'],
    'a casing that is too wide' => [['opening.casing.left' => 700], 'large'],
    'a width with a digit too many' => [['opening.width[0]' => 8620], 'large'],
]);

test('a moulding that nobody has spoken of may be none', function () {
    expect(askedOf(['opening.left' => 900, 'wall.from' => 950]))
        ->toBe(['begins-outside'])
        ->and(askedOf(['opening.left' => 900, 'wall.from' => 900]))
        ->toBe([]);
});

test('where a reading is lacking nothing is asked of the others', function () {
    expect(askedOf(['wall.to' => 500, 'opening.left' => 905]))->toBe([]);
});

test('inches are asked by the same bounds', function () {
    expect(askedOf(['opening.width[0]' => '34', 'opening.width[1]' => '36 1/2'], Unit::Inch))
        ->toBe(['widths-differ'])
        ->and(askedOf(['opening.width[0]' => '34', 'opening.width[1]' => '35'], Unit::Inch))
        ->toBe([]);
});

test('each agreement is of readings that are asked for, and is said in both languages', function () {
    foreach (Agreement::all() as $one) {
        expect($one->places())->not->toBe([])->and($one->says()->how)->toBe($one->key);
    }
});

test('the published doorways agree', function (string $name) {
    $document = Doorways::document($name);
    $unit = Unit::from((string) ($document->get('units') ?? 'mm'));

    expect(Agreement::askedOf(Readings::in($document, $unit)))->toBe([]);
})->with(['kiln-room', 'wedging-room']);

test('walls that are built so are never asked about', function () {
    $this->forAll(
        Generators::choose(200, 3000),
        Generators::choose(600, 1800),
        Generators::choose(1950, 2600),
        Generators::choose(0, 140),
        Generators::choose(0, 900),
    )->then(function (int $left, int $width, int $height, int $casing, int $over) {
        expect(askedOf([
            'wall.from' => 0,
            'opening.casing.left' => $casing,
            'opening.left' => $left,
            'opening.width[0]' => $width,
            'opening.width[1]' => $width + 9,
            'opening.casing.right' => $casing,
            'wall.to' => $left + $width + $casing + $over,
            'opening.height[0]' => $height,
            'opening.casing.head' => $casing,
            'wall.ceiling' => $height + $casing + $over,
        ]))->toBe([]);
    });
});
