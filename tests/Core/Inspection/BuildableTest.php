<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Doorway\GuideChoice;
use YokeLine\Doorway\GuideStyle;
use YokeLine\Doorway\Tread;
use YokeLine\Doorway\Yard;
use YokeLine\Format\DoorwayReader;
use YokeLine\Inspection\Buildable;
use YokeLine\Inspection\Cure;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;

test('a board is had in the sizes of the yard, and two boards make a thicker one', function (
    Unit $unit,
    string $least,
    ?string $thick,
) {
    $read = fn (string $length) => YokeLine\Measure\LengthReader::read($length, $unit);

    expect(Yard::thickness($read($least), $unit)?->nm)->toBe($thick === null ? null : $read($thick)->nm);
})->with([
    'as it is' => [Unit::Millimetre, '38', '38'],
    'the next one' => [Unit::Millimetre, '39', '45'],
    'two' => [Unit::Millimetre, '52', '53'],
    'more than two' => [Unit::Millimetre, '101', null],
    'in inches' => [Unit::Inch, '1 1/4', '1 1/2'],
    'two in inches' => [Unit::Inch, '1 9/16', '1 3/4'],
]);

test('a board is as wide as one that there is, or none is', function (Unit $unit, Length $least, ?Length $wide) {
    expect(Yard::width($least, $unit)?->nm)->toBe($wide?->nm);
})->with([
    [Unit::Millimetre, Length::mm(141), Length::mm(145)],
    [Unit::Millimetre, Length::mm(301), null],
    [Unit::Inch, Length::nm(5 * Length::NM_PER_INCH), Length::nm(intdiv(11 * Length::NM_PER_INCH, 2))],
]);

test('a cure is offered only inside what can be bought and done', function (string $place, string $value, bool $is) {
    $buildable = new Buildable(DoorwayReader::read(Doorways::document()));

    expect($buildable->is(new Cure('any', [$place => $value])))->toBe($is);
})->with([
    ['brief.rules.spacer', '40', true],
    ['brief.rules.spacer', '41', false],
    ['brief.rules.gap', '5', true],
    ['brief.rules.gap', '4', false],
    ['brief.rules.gap', '31', false],
    ['brief.header.thickness', '45', true],
    ['brief.header.thickness', '46', false],
    ['brief.header.width', '140', true],
    ['brief.header.width', '141', false],
    ['brief.header.build_out', '77', false],
    ['brief.leaf.height', 'auto', true],
    ['brief.leaf.height', '52080 m', false],
]);

test('no board is screwed to studs where none is known', function () {
    $cure = new Cure('header-on-studs', ['brief.backing' => 'header']);
    $of = fn (array $studs) => new Buildable(DoorwayReader::read(Doorways::document('kiln-room', $studs)));

    expect($of([])->is($cure))
        ->toBeTrue()
        ->and($of(['survey.studs' => []])->is($cure))
        ->toBeFalse();
});

test('no two cures of a finding end in the same plan', function (string $name) {
    foreach (Doorways::setout($name)->findings as $finding) {
        $ends = array_map(
            fn (Cure $cure) => serialize([
                Doorways::setout($name)->after($cure)->get('brief'),
                $cure->effect,
            ]),
            $finding->cures,
        );
        expect($ends)->toBe(array_unique($ends), "{$name}: {$finding->code->value}");
    }
})->with(['kiln-room', 'clay-store', 'packing-loft', 'map-archive']);

test('a kit whose guide was chosen otherwise gives its own back', function () {
    $kit = Doorways::kits()['flat-40-strap'];
    $roller = $kit->chosen(Tread::Quiet, GuideChoice::Roller);

    expect($roller->guide->style)
        ->toBe(GuideStyle::WallRoller)
        ->and($roller->guide->isBought)
        ->toBeTrue()
        ->and($roller->chosen(Tread::Quiet, GuideChoice::Kit)->guide->style)
        ->toBe($kit->guide->style);
});

test('of a kit with two sorts of wheels the one that this house takes is planned', function () {
    $kit = Doorways::kits()['flat-40-strap'];

    expect($kit->chosen(Tread::Quiet, GuideChoice::Kit)->wheel?->material)
        ->toBe('nylon')
        ->and($kit->chosen(Tread::Steel, GuideChoice::Kit)->wheel?->material)
        ->toBe('steel');
});
