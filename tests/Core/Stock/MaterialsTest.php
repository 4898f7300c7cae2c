<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Catalog\MaterialKind;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Stock\BoardsToCut;
use YokeLine\Stock\CuttingPlan;
use YokeLine\Stock\Material;
use YokeLine\Stock\Materials;
use YokeLine\Stock\Section;

uses(Eris\TestTrait::class);

/**
 * @param  array<string, mixed>  $changes
 * @return array<string, Material> by what it is
 */
function materials(string $name = 'kiln-room', array $changes = [], int $spareOneIn = 8, int $waste = 10): array
{
    $list = Materials::of(Doorways::plan($name, $changes), $spareOneIn, $waste);
    // Of several of one kind each is named by all that tells it apart.
    $often = array_count_values(array_map(fn (Material $one) => $one->id->kind->value, $list));

    return array_combine(
        array_map(fn (Material $one) => $often[$one->id->kind->value] > 1 ? $one->key : $one->id->kind->value, $list),
        $list,
    );
}

test('every doorway wants a leaf, a kit and what to finish it with', function (string $name) {
    $groups = array_count_values(array_map(fn (Material $material) => $material->group, materials($name)));

    expect($groups)->toHaveKeys(['leaf', 'kit', 'fixings', 'finish', 'tools']);
})->with(['kiln-room', 'glaze-store', 'map-archive', 'reclaim-bay', 'slip-store']);

test('a screw too few is a second trip: one spare in eight, one at least', function () {
    // Twelve screws through the board.
    expect(materials()['wood-screw']->count)
        ->toBe(14.0)
        ->and(materials(spareOneIn: 100)['wood-screw']->count)
        ->toBe(13.0);
});

test('paint goes by area and coats, and a little more', function () {
    // Leaf 2 x 0.965 x 2.138 in two coats and a board of 2 x 2.25 x 0.14 in two: 9.5 m2, at 10 m2 a litre and a tenth
    // over.
    expect(materials()['paint']->count)
        ->toBe(1.1)
        ->and(materials(changes: ['brief.rules.coats_leaf' => 0, 'brief.rules.coats_board' => 0]))
        ->not->toHaveKey('paint');
});

test('two leaves are two leaves', function () {
    expect(
        array_values(array_filter(materials('map-archive'), fn (Material $material) => $material->group === 'leaf'))[0]
            ->count,
    )->toBe(2.0);
});

test('what the maker is to bore stands on the order line', function () {
    expect(array_values(materials())[0]->note?->how)->toBe('strap-groove');
});

test('the old door’s places want filler, a wall that had none does not', function () {
    expect(materials(changes: ['survey.opening.was' => 'hinged-in']))
        ->toHaveKey('filler')
        ->and(materials(changes: ['survey.opening.was' => 'none']))
        ->not->toHaveKey('filler');
});

test('bolts that the kit’s box holds are not bought again', function () {
    $kit = Doorways::kit('flat-40-strap', [
        'contents' => [['part' => 'lag bolt', 'count' => 6, 'into' => '']],
        'bolt.length' => 120,
    ]);
    $plan = Doorways::plan(kit: $kit);
    $bought = array_filter(
        Materials::of($plan),
        fn (Material $material) => $material->id->kind === MaterialKind::LagBolt,
    );

    expect($bought)->toBe([]);
});

test('a bit is told once for each size, the smallest first', function () {
    $bits = array_values(
        array_map(
            fn (Material $material) => $material->id->sizes['diameter']->toMm(),
            array_filter(materials(), fn (Material $material) => $material->id->kind === MaterialKind::Bit),
        ),
    );

    expect($bits)->toBe(array_values(array_unique($bits)))->and($bits[0])->toBe(3.0);
});

/** @param  list<int>  $stock  mm @return list<Section> */
function sections(array $plans, array $stock = BoardsToCut::STOCK_MM): array
{
    return BoardsToCut::of($plans, array_fill(0, count($plans), 'Kiln room'), [
        'mm' => array_map(Length::mm(...), $stock),
    ]);
}

test('boards of one section are cut together, also of two doorways of one name', function () {
    $sections = sections([Doorways::plan('kiln-room'), Doorways::plan('kiln-room')], [4800]);

    expect($sections)
        ->toHaveCount(1)
        ->and($sections[0]->bar(Length::mm(4800))->key)
        ->toBe('board 140x19x4800')
        ->and($sections[0]->cut)
        ->toBeInstanceOf(CuttingPlan::class)
        ->and($sections[0]->cut->bars)
        ->toHaveCount(1)
        ->and($sections[0]->cut->bars[0]->pieces)
        ->toHaveCount(2);
});

test('leaves of one size and another thickness or make are two things to order', function () {
    $leaf = fn (array $changes) => Materials::of(Doorways::plan('kiln-room', $changes))[0]->key;

    expect(
        array_unique([
            $leaf([]),
            $leaf(['brief.leaf.thickness' => 42]),
            $leaf(['brief.leaf.construction' => (object) ['kind' => 'plank']]),
        ]),
    )->toHaveCount(3);
});

test('a board that no bar takes whole is jointed on a stud', function () {
    $cut = sections([Doorways::plan('kiln-room')], [1800])[0]->cut;

    expect(
        array_merge(
            ...array_map(fn ($bar) => array_map(fn ($piece) => $piece->length->toMm(), $bar->pieces), $cut->bars),
        ),
    )->toEqualCanonicalizing([1117.5, 1132.5]);
});

test('a board that cannot be jointed says so', function () {
    expect(sections([Doorways::plan('kiln-room')], [400])[0]->cut)->toEqual(
        new Message('materials.no-joint', ['what' => 'Kiln room']),
    );
});

test('whatever the doorway, each thing stands once on its list, is some, and says what it is for', function () {
    $this->limitTo(120)
        ->forAll(Doorways::any())
        ->then(function (array $changes) {
            $list = Materials::of(Doorways::plan(changes: $changes));
            $keys = array_map(fn (Material $material) => $material->key, $list);

            expect(array_unique($keys))->toHaveCount(count($keys));
            foreach ($list as $material) {
                expect($material->count)
                    ->toBeGreaterThan(0, $material->key)
                    ->and($material->for->how)
                    ->not->toBe('', $material->key);
            }
        });
});

test('more spares and more waste never buy less', function () {
    $this->limitTo(40)
        ->forAll(Doorways::any())
        ->then(function (array $changes) {
            $counts = fn (int $spareOneIn, int $waste) => array_column(
                Materials::of(Doorways::plan(changes: $changes), $spareOneIn, $waste),
                'count',
                'key',
            );
            $few = $counts(50, 0);
            foreach ($counts(2, 30) as $key => $count) {
                expect($count)->toBeGreaterThanOrEqual($few[$key], $key);
            }
        });
});

test('whatever the doorway, its boards are cut to the header’s length, or it is said why not', function () {
    $this->limitTo(80)
        ->forAll(Doorways::any())
        ->then(function (array $changes) {
            $plan = Doorways::plan(changes: $changes);
            foreach (sections([$plan]) as $section) {
                $cut = $section->cut;
                if (
                    $cut instanceof CuttingPlan &&
                    $plan->header !== null &&
                    $section->bar(Length::mm(1))->kind === MaterialKind::Board
                ) {
                    $pieces = array_merge(
                        ...array_map(fn ($bar) => array_map(fn ($piece) => $piece->length, $bar->pieces), $cut->bars),
                    );
                    expect(
                        Length::zero()
                            ->plus(...$pieces)
                            ->equals($plan->header->span->length()),
                    )->toBeTrue();
                } elseif ($cut instanceof Message) {
                    expect($cut->key)->toStartWith('materials.');
                }
            }
        });
});
