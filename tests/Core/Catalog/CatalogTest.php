<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;
use YokeLine\Catalog\FieldType;
use YokeLine\Catalog\Least;
use YokeLine\Catalog\Schema;
use YokeLine\Format\Assumed;
use YokeLine\Format\DoorwayReader;
use YokeLine\Format\KitReader;
use YokeLine\Format\SchemaCheck;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Setout;

/** @return array<string, array{string}> */
function declaredFields(string ...$parts): array
{
    $fields = array_merge(...array_map(fn (string $part) => array_keys(Catalog::whole()->of($part)), $parts));

    return array_combine($fields, array_map(fn (string $path) => [$path], $fields));
}

/** A place for a path: its items the first of their lists. */
function placeOf(string $path): string
{
    return str_replace('[]', '[0]', $path);
}

/** @return array<string, string> why a document is refused, by place */
function refusals(callable $read): array
{
    try {
        $read();
    } catch (UnreadableFile $refused) {
        return array_map(fn ($why) => $why->how, $refused->problems);
    }

    return [];
}

test('what is declared is read: a value of no kind is refused at its place', function (string $path) {
    $place = placeOf($path);
    $problems = refusals(fn () => DoorwayReader::read(Doorways::around([$place => (object) ['no' => 'kind']])));
    $at = array_filter(array_keys($problems), fn (string $where) => str_starts_with($where, $place));

    expect($at)->not->toBe([], implode(', ', array_keys($problems)));
})->with(declaredFields('survey', 'brief', 'marking'));

test('what is declared of a kit is read', function (string $path) {
    $shelf = Doorways::shelf();
    $around = [
        'kits[0].jump_disc' => (object) ['inset' => 1, 'diameter' => 1, 'gap' => 1],
        'kits[0].soft_close' => (object) ['stroke' => 1, 'catch_length' => 1, 'min_leaf_width' => 1],
        'kits[0].wheel' => (object) ['material' => 'steel'],
        'kits[0].bracket' => (object) ['rows' => [10], 'depth' => 20],
        'kits[0].contents' => [(object) ['part' => 'nut', 'count' => 1, 'into' => '']],
        'kits[0].rail.holes.at' => null,
        'kits[0].height' => (object) ['value' => 1, 'datum' => 'hole'],
    ];
    if ($path === 'kit.rise') {
        unset($around['kits[0].height']);
        $shelf = $shelf->without('kits[0].height');
    }
    foreach ($around as $place => $value) {
        $shelf = $value === null ? $shelf->without($place) : $shelf->with($place, $value);
    }
    $place = (string) preg_replace('/^kit/', 'kits[0]', placeOf($path));
    $problems = refusals(fn () => KitReader::read($shelf->with($place, (object) ['no' => 'kind'])));

    expect(array_filter(array_keys($problems), fn (string $where) => str_starts_with($where, $place)))->not->toBe(
        [],
        implode(', ', array_keys($problems)),
    );
})->with(array_diff_key(declaredFields('kit'), ['kit.units' => 0]));

test('the least that a number may be is held', function (string $path) {
    $field = Catalog::whole()->at($path);
    $place = placeOf($path).($field->type === FieldType::Lengths ? '[0]' : '');
    $read = fn (int $value) => DoorwayReader::read(Doorways::around([$place => $value]));
    $says = fn (int $value) => refusals(fn () => $read($value))[$place] ?? '';
    expect($says(-1))->not->toBe('');
    if ($field->least === Least::OverZero) {
        expect($says(0))->not->toBe('');
    }
})->with(
    array_filter(
        declaredFields('survey', 'brief', 'marking'),
        fn (string $path) => Catalog::whole()->at($path)->least !== Least::Any,
        ARRAY_FILTER_USE_KEY,
    ),
);

test('the published schema is the one that comes of the catalogue', function () {
    expect(file_get_contents(__DIR__.'/../../../public/schema/doorway-v1.schema.json'))->toBe(Schema::doorway());
});

test('the schema knows every field, and refuses what is of no kind', function (string $path) {
    $place = placeOf($path);
    $document = Doorways::around([$place => (object) ['no' => 'kind']]);

    expect(
        array_filter(
            array_keys(refusals(fn () => (new SchemaCheck(Schema::doorway()))->check($document))),
            fn (string $where) => str_starts_with($where, $place),
        ),
    )->not->toBe([]);
})->with(declaredFields('survey', 'brief', 'marking'));

test('a place is found whatever its items are called', function (string $place, ?string $path) {
    expect(Catalog::whole()->find($place)?->path)->toBe($path);
})->with([
    ['survey.studs[#k3].x', 'survey.studs[].x'],
    ['survey.studs[12].x', 'survey.studs[].x'],
    ['survey.opening.width[1]', 'survey.opening.width'],
    ['survey.hazards[#a].y[0]', 'survey.hazards[].y'],
    ['kits[4].rail.height', 'kit.rail.height'],
    ['kit.rail.height', 'kit.rail.height'],
    ['survey.studs[#k3]', 'survey.studs'],
    ['house.cover', null],
    ['survey.wall', null],
]);

test('what is usual is a clean number of the doorway’s unit', function () {
    $odd = array_filter(
        Catalog::whole()->fields(),
        fn (Field $field) => $field->usualIn(Unit::Inch) !== null &&
            ! str_starts_with($field->path, 'kit.') &&
            $field->usualIn(Unit::Inch)->nm % intdiv(Length::NM_PER_INCH, 64) !== 0,
    );

    expect(array_keys($odd))->toBe([]);
});

test('a silent doorway in inches takes what is usual in inches', function () {
    $rules = DoorwayReader::read(
        Doorways::document('kiln-room', ['units' => 'in', 'survey' => null, 'brief' => (object) []]),
    )->brief->rules;

    expect($rules->gap->nm)
        ->toBe(Length::sixteenths(8)->nm)
        ->and($rules->sideOverlap->nm)
        ->toBe(Length::sixteenths(32)->nm)
        ->and($rules->pullHeight->nm)
        ->toBe(Length::sixteenths(608)->nm);
});

test('no two fields have one path, and none two names in a table', function () {
    $named = array_filter(array_map(fn (Field $field) => $field->csv, Catalog::whole()->fields()));

    expect($named)->toBe(array_unique($named));
});

test('nothing can be planned without what is needed, and anything without the rest of the survey', function (
    string $path,
) {
    $field = Catalog::whole()->at($path);
    $setout = Setout::of(Doorways::around([$path => null]), Doorways::kits());

    expect($setout->plan === null)->toBe($field->isNeeded, $path);
})->with(array_filter(declaredFields('survey'), fn (string $path) => ! str_contains($path, '[]'), ARRAY_FILTER_USE_KEY));

test('what decides an order and was never answered is assumed', function () {
    $asked = ['survey.floor.finish', 'survey.opening.was'];
    $document = Doorways::document('kiln-room', ['survey.floor.finish' => null]);

    expect(array_intersect($asked, Assumed::in($document)))
        ->toBe($asked)
        ->and(Assumed::in($document->with('survey.floor.finish', 'tile')->with('survey.opening.was', 'none')))
        ->not->toContain(...$asked)
        ->and(Assumed::in($document))
        ->not->toContain('brief.leaf.thickness', 'brief.kit', 'survey.wall.from');
});
