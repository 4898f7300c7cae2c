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
