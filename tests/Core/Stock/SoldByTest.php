<?php

declare(strict_types=1);

use Eris\Generators;
use Tests\Core\Support\Doorways;
use YokeLine\Catalog\MaterialKind;
use YokeLine\Doorway\Yard;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Stock\BoardsToCut;
use YokeLine\Stock\Material;
use YokeLine\Stock\Materials;
use YokeLine\Stock\Section;
use YokeLine\Stock\SoldBy;

uses(Eris\TestTrait::class);

function material(string $doorway, MaterialKind $kind, array $changes = []): Material
{
    return array_values(
        array_filter(
            Materials::of(Doorways::plan($doorway, $changes)),
            fn (Material $one) => $one->id->kind === $kind,
        ),
    )[0];
}

/** @return list<Section> of one doorway's boards */
function boardsOf(string $doorway, array $changes = [], array $stock = []): array
{
    return BoardsToCut::of([Doorways::plan($doorway, $changes)], ['it'], $stock);
}

/** A board of those inches and so many feet, as a list has it. */
function boardIn(float $thick, float $wide, int $feet): Material
{
    $inches = fn (float $in) => Length::nm((int) round($in * Length::NM_PER_INCH));

    return Section::ofBoards($inches($wide), $inches($thick), new Message('materials.no-joint'), Unit::Inch)->asMaterial(
        $inches(12 * $feet),
        1,
    );
}

test('a doorway in inches is painted from quarts, 100 sq ft a coat each and a tenth more', function () {
    $paint = material('river-shop/counter-room', MaterialKind::Paint);
    $plan = Doorways::plan('river-shop/counter-room');
    $leaf = (2 * 42 * 86) / 144;
    $board = (2 * (5.5 * $plan->header->span->length()->toMm())) / 25.4 / 144;
    $schedule = $plan->doorway->brief->rules->schedule;
    $quarts = (($leaf * $schedule->coatsLeaf + $board * $schedule->coatsBoard) / 100) * 1.1;

    expect($paint->by)->toBe(SoldBy::Quart)->and($paint->count)->toBe(ceil(round($quarts * 10, 6)) / 10);
});

test('a doorway in millimetres is painted from litres', function () {
    expect(material('kiln-room', MaterialKind::Paint)->by)->toBe(SoldBy::Litre);
});

test('what weighs is bought by the pound in inches', function () {
    $filler = material('river-shop/counter-room', MaterialKind::Filler);

    // Half a kilogram is 1.10 lb, told up to a tenth.
    expect([$filler->by, $filler->count])->toBe([SoldBy::Pound, 1.2]);
});

test('an amount that is told in the other unit and back is the same, and what is bought is never less', function () {
    $this->forAll(Generators::choose(1, 400))->then(function (int $tenths): void {
        $paint = material('kiln-room', MaterialKind::Paint);
        $litres = new Material('finish', $paint->id, $tenths / 10, SoldBy::Litre, $paint->for);
        $quarts = $litres->toldIn(Unit::Inch);

        expect($quarts->toldIn(Unit::Millimetre)->count)
            ->toEqualWithDelta($litres->count, 1e-9)
            ->and($quarts->up()->count * SoldBy::Quart->metric())
            ->toBeGreaterThan($litres->count - 1e-6)
            ->toBeLessThan($litres->count + 0.1);
    });
});

test('what is told in its own unit stays as it is', function () {
    $paint = material('kiln-room', MaterialKind::Paint);

    expect($paint->toldIn(Unit::Millimetre))->toBe($paint);
});

test('a board is called by its nominal size', function (string $name, array $true) {
    [$thick, $wide] = Yard::named($name);

    expect(Yard::nameOf($thick, $wide))
        ->toBe($name)
        ->and([$thick->nm * 64, $wide->nm * 64])
        ->toBe(array_map(fn (float $in) => (int) ($in * 64 * Length::NM_PER_INCH), $true));
})->with([
    ['1x4', [0.75, 3.5]],
    ['2x6', [1.5, 5.5]],
    ['5/4x8', [1.0, 7.25]],
    ['2x10', [1.5, 9.25]],
    ['1x12', [0.75, 11.25]],
]);

test('a board of other sizes has no name', function () {
    expect(Yard::nameOf(Length::mm(38), Length::mm(140)))->toBeNull();
});

test('board feet go by nominal sizes', function (float $thick, float $wide, int $feet, float $boardFeet) {
    expect(boardIn($thick, $wide, $feet)->amountBy(SoldBy::BoardFoot))->toEqualWithDelta($boardFeet, 1e-9);
})->with([
    '2x6, 8 ft' => [1.5, 5.5, 8, 8.0],
    '2x8, 12 ft' => [1.5, 7.25, 12, 16.0],
    '1x4, 6 ft' => [0.75, 3.5, 6, 2.0],
    '5/4x12, 10 ft' => [1.0, 11.25, 10, 12.5],
]);

test('a bar is so many feet or metres long', function () {
    $board = boardIn(1.5, 5.5, 8);

    expect($board->amountBy(SoldBy::Foot))
        ->toEqualWithDelta(8.0, 1e-9)
        ->and($board->amountBy(SoldBy::Metre))
        ->toEqualWithDelta(2.4384, 1e-9)
        ->and($board->amountBy(SoldBy::Piece))
        ->toBe(1.0);
});

test('nothing is priced by what it is not sold by', function (MaterialKind $kind, SoldBy $per) {
    expect(material('river-shop/counter-room', $kind)->amountBy($per))->toBeNull();
})->with([
    'a leaf by the foot' => [MaterialKind::Leaf, SoldBy::Foot],
    'paint by the pound' => [MaterialKind::Paint, SoldBy::Pound],
    'a screw by the board foot' => [MaterialKind::WoodScrew, SoldBy::BoardFoot],
]);

test('a board without a name is not sold by the board foot', function () {
    $board = boardIn(1.25, 5.5, 8);

    expect($board->amountBy(SoldBy::BoardFoot))
        ->toBeNull()
        ->and($board->ways())
        ->toBe([SoldBy::Piece, SoldBy::Foot]);
});

test('a doorway buys boards from the yard of its own unit', function (string $doorway, array $long) {
    $bars = array_keys(boardsOf($doorway)[0]->bars());

    expect(array_map(fn (int $nm) => in_array($nm, $long, true), $bars))->toBe([true]);
})->with([
    'in feet' => [
        'river-shop/counter-room',
        array_map(fn (int $feet) => $feet * 12 * Length::NM_PER_INCH, [6, 8, 10, 12, 14, 16]),
    ],
    'in millimetres' => [
        'kiln-room',
        array_map(fn (int $mm) => $mm * 1_000_000, [2400, 3000, 3600, 4200, 4800]),
    ],
]);

test('boards alike in two units are two things to buy', function () {
    $metric = Doorways::plan('kiln-room', ['brief.header.width' => '139.7', 'brief.header.thickness' => '38.1']);
    $sections = BoardsToCut::of([$metric, Doorways::plan('river-shop/counter-room')], ['a', 'b']);

    expect(array_map(fn (Section $section) => $section->units, $sections))->toBe([Unit::Millimetre, Unit::Inch]);
});

test('a kit keeps the sizes that it is sold in', function (string $doorway, string $kit, Unit $sold) {
    expect(material($doorway, MaterialKind::Kit, ['brief.kit' => $kit])->units)->toBe($sold);
})->with([
    'a metric kit on a doorway in inches' => ['river-shop/counter-room', 'flat-40-strap', Unit::Millimetre],
    'a kit in inches on a doorway in mm' => ['kiln-room', 'bar-1-1-2-strap', Unit::Inch],
]);
