<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\KitCheck;

test('the kits that ship with the product agree with themselves', function (string $id) {
    expect(KitCheck::of(Doorways::kits()[$id]))->toBe([]);
})->with(['flat-40-strap', 'round-25-strap', 'flat-40-top', 'round-22-free', 'flat-40-bypass']);

test('numbers that cannot be true together are found', function (
    string $code,
    array $numbers,
    string $id = 'flat-40-strap',
) {
    expect(array_column(KitCheck::of(Doorways::kit($id, $numbers)), 'code'))->toContain(FindingCode::from($code));
})->with([
    'rise stated to the rail’s top' => ['kit-rise', ['rise' => 61]],
    'hole over the leaf' => ['kit-hole', ['hanger.hole_to_tread' => 55]],
    'strap without holes' => ['kit-hole', ['hanger.hole_to_tread' => null]],
    'inset under half the strap' => ['kit-inset', ['hanger.inset' => 10]],
    'end holes that pass' => ['kit-holes', ['rail.holes.first' => 800]],
    'a hole past every rail' => ['kit-holes', ['rail.holes.at' => [60, 4000]]],
    'first hole too far in' => ['kit-ends', ['rail.first_fixing_within' => 40]],
    'holes too far apart' => ['kit-spacing', ['rail.max_fixing_spacing' => 300]],
    'a fin no taller than the gap' => ['kit-guide', ['guide.blade_height' => 11]],
    'a disc that holds nothing' => ['kit-disc', ['jump_disc.gap' => 20]],
    'two rails without a bracket' => ['kit-bracket', ['track_pitch' => null], 'flat-40-bypass'],
    'a bracket that reaches out less than its rails' => ['kit-bracket-depth', ['bracket.depth' => 93], 'flat-40-bypass'],
    'pieces that do not go together' => [
        'kit-joint',
        ['rail.pieces' => [['length' => 1220, 'right' => 'male'], ['length' => 1220, 'left' => 'male']]],
    ],
    'pieces that make no length that is sold' => ['kit-pieces', ['rail.pieces' => [['length' => 1000]]]],
    'no hang' => ['kit-hangs-nothing', ['hang' => []]],
]);

test('what a guide reaches over the gap is asked of blades and cheeks, and of no roller', function (
    array $guide,
    array $found,
) {
    $kit = Doorways::kit('flat-40-strap', array_combine(
        array_map(fn (string $key) => "guide.{$key}", array_keys($guide)),
        $guide,
    ));

    expect(array_column(KitCheck::of($kit), 'how', 'where'))->toBe($found);
})->with([
    'a blade that holds' => [['style' => 't-fin', 'blade_height' => 30], []],
    'a blade that holds little' => [['style' => 't-fin', 'blade_height' => 16], ['guide.blade_height' => 'little']],
    'a blade under the gap' => [['style' => 't-fin', 'blade_height' => 12], ['guide.blade_height' => 'none']],
    'cheeks that hold' => [['style' => 'u-shoe', 'cheek' => 40, 'blade_height' => 12], []],
    'cheeks that hold little' => [
        ['style' => 'u-shoe', 'cheek' => 16, 'blade_height' => 40], ['guide.blade_height' => 'little'],
    ],
    'a roller' => [['style' => 'wall-roller', 'cheek' => 1, 'blade_height' => 1], []],
]);

test('a joint that does not go together is told between the two pieces that it joins', function () {
    $pieces = [['length' => 1000, 'right' => 'male'], ['length' => 1000, 'left' => 'female', 'right' => 'male']];
    $kit = Doorways::kit('flat-40-strap', ['rail.pieces' => [...$pieces, ['length' => 400, 'left' => 'male']]]);
    $joint = array_values(array_filter(KitCheck::of($kit), fn ($one) => $one->code === FindingCode::KitJoint));

    expect($joint)->toHaveCount(1)
        ->and($joint[0]->where)->toBe('rail.pieces[1].right')
        ->and([$joint[0]->with['n'], $joint[0]->with['next']])->toBe([2, 3])
        ->and([$joint[0]->with['right']->how, $joint[0]->with['left']->how])->toBe(['male', 'male']);
});
