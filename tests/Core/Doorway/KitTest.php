<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Doorway\CatchSides;
use YokeLine\Doorway\FirstBolt;
use YokeLine\Doorway\GuideChoice;
use YokeLine\Doorway\GuideKit;
use YokeLine\Doorway\GuideStyle;
use YokeLine\Doorway\Kit;
use YokeLine\Doorway\Tread;
use YokeLine\Doorway\Wheel;
use YokeLine\Making\UsualSize;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;

function anyKit(string $id = 'flat-40-strap'): Kit
{
    return Doorways::kits()[$id];
}

/** @param  array<string, Kit>  $kits */
function unitsOf(array $kits): array
{
    return array_values(array_unique(array_map(fn (Kit $kit) => $kit->units->value, $kits)));
}

test('kits are offered where they are sold, with the one that a doorway has', function () {
    $all = Doorways::kits();
    $inch = array_key_first(array_filter($all, fn (Kit $kit) => $kit->units === Unit::Inch));

    expect(unitsOf(Kit::soldIn(Unit::Inch, $all, $inch)))->toBe(['in'])
        ->and(unitsOf(Kit::soldIn(Unit::Millimetre, $all, 'flat-40-strap')))->toBe(['mm'])
        ->and(Kit::soldIn(Unit::Inch, $all, 'flat-40-strap'))->toHaveKey('flat-40-strap')
        ->and(count(Kit::soldIn(Unit::Inch, $all, 'flat-40-strap')))->toBeLessThan(count($all));
});

test('where nothing is sold in its unit every kit is offered', function () {
    $metric = Kit::soldIn(Unit::Millimetre, Doorways::kits(), 'flat-40-strap');

    expect(Kit::soldIn(Unit::Inch, $metric, 'flat-40-strap'))->toBe($metric);
});

test('a kit keeps its bolt where it is sold, and takes the nearest that is sold elsewhere', function (
    int $bolt,
    string $inches,
) {
    $kit = Doorways::kit('flat-40-strap', ['bolt.diameter' => $bolt]);
    $there = $kit->hungIn(Unit::Inch);

    expect($kit->hungIn(Unit::Millimetre))->toBe($kit)
        ->and($there->boltDiameter->nm)->toBe((int) ((float) $inches * Length::NM_PER_INCH))
        ->and($there->soldBolt?->toMm())->toBe((float) $bolt)
        ->and($there->rail)->toBe($kit->rail);
})->with([[6, '0.25'], [8, '0.3125'], [10, '0.375'], [12, '0.5']]);

test('loose guides of a shelf are those that are bought by themselves', function () {
    $bought = GuideKit::bought(GuideStyle::UShoe);
    $shelf = array_map(fn (Kit $kit) => $kit->besides($bought), Doorways::kits());

    expect(Kit::looseGuides($shelf))->toBe([$bought])->and(Kit::looseGuides([]))->toBe([]);
});

test('the guide that a house takes is the kit’s own, else one beside it, else one that is bought', function (
    GuideChoice $guide,
    GuideStyle $style,
) {
    $kit = anyKit()->chosen(Tread::Quiet, $guide);

    expect($kit->guide->style)->toBe($style)->and($kit->guide->isBought)->toBe($style !== anyKit()->guide->style);
})->with([
    'the kit’s own' => [GuideChoice::cases()[0], GuideStyle::TFin],
    'a shoe' => [GuideChoice::Shoe, GuideStyle::UShoe],
]);

test('a guide that was chosen away comes back', function () {
    $kit = anyKit();
    $shod = $kit->chosen(Tread::Quiet, GuideChoice::Shoe);

    expect($shod->chosen(Tread::Quiet, GuideChoice::cases()[0])->guide)->toEqual($kit->guide);
});

test('wheels of steel are told by what they are made of', function (string $material, Tread $tread) {
    expect((new Wheel($material, null))->tread())->toBe($tread);
})->with([['steel', Tread::Steel], ['stainless', Tread::Steel], ['nylon', Tread::Quiet], ['', Tread::Quiet]]);

test('the wheel is the one that the house wants, else the one that there is', function () {
    $kit = anyKit();
    $guide = GuideChoice::cases()[0];
    $both = array_map(fn (Tread $tread) => $kit->chosen($tread, $guide)->wheel?->tread(), Tread::cases());

    expect($both)->toBe(Tread::cases())->and($kit->choosesWheel())->toBeTrue();
});

test('a catch that the house leaves out is left out, and none comes that is not in the kit', function (
    CatchSides $has,
    CatchSides $wanted,
    CatchSides $left,
) {
    expect($has->only($wanted))->toBe($left);
})->with([
    [CatchSides::Both, CatchSides::Shut, CatchSides::Shut], [CatchSides::Both, CatchSides::Both, CatchSides::Both],
    [CatchSides::Open, CatchSides::Shut, CatchSides::Open], [CatchSides::Shut, CatchSides::Both, CatchSides::Shut],
]);

test('which bolt goes in first', function (FirstBolt $first, int $holes, int $at) {
    expect($first->of($holes))->toBe($at);
})->with([
    [FirstBolt::Ends, 6, 0], [FirstBolt::Across, 5, 0], [FirstBolt::Middle, 5, 2], [FirstBolt::Middle, 6, 2],
    [FirstBolt::Middle, 1, 0],
]);

test('another cover keeps every other rule of the house', function () {
    $rules = Doorways::plan(changes: [
        'brief.rules.making' => (object) [UsualSize::cases()[0]->value => 7],
        'brief.rules.fraction' => 32,
        'brief.rules.load_factor' => 3,
    ])->doorway->brief->rules;
    $other = $rules->covering($rules->cover, $rules->park);

    expect($rules->making)->not->toBe([])->and(get_object_vars($other))->toEqual(get_object_vars($rules));
});
