<?php

declare(strict_types=1);

use App\Bench\Group;
use App\Bench\Row;
use App\Fitting\SizeCardForm;
use App\Making\MadeSheet;
use Tests\Begun;
use YokeLine\Measure\Unit;

/* What is asked of a door that one has. */

/** @return array<string, list<list<string>>> the places of each row, by group */
function askedOnCard(SizeCardForm $form): array
{
    $asked = [];
    foreach ($form->groups() as $group) {
        $asked[$group->key] = array_map(fn (Row $row) => array_column($row->fields, 'place'), $group->rows);
    }

    return $asked;
}

/** @return list<list<string>> */
function placesOfALeaf(string $at, string $mass): array
{
    return [["{$at}.width"], ["{$at}.height"], ["{$at}.thickness[0]", "{$at}.thickness[1]"], ["{$at}.{$mass}"]];
}

const SOLID_ASKED = [
    ['brief.leaf.trim_limit'],
    ['brief.leaf.solid[0][0]', 'brief.leaf.solid[0][1]'],
    ['brief.leaf.solid[1][0]', 'brief.leaf.solid[1][1]'],
];

test('one leaf is asked for as one, in the unit it is looked at in', function (Unit $unit, string $mass) {
    expect(askedOnCard(new SizeCardForm(Begun::doorway('kiln-room'), $unit)))->toBe([
        'in-hand' => placesOfALeaf('brief.in_hand', $mass),
        'in-hand-solid' => SOLID_ASKED,
    ]);
})->with(['kilograms' => [Unit::Millimetre, 'mass_kg'], 'pounds' => [Unit::Inch, 'mass_lb']]);

test('of a pair each leaf is asked for', function () {
    expect(askedOnCard(new SizeCardForm(Begun::doorway('kiln-room', ['brief.hang' => 'biparting']), null)))->toBe([
        'in-hand-first' => placesOfALeaf('brief.in_hand', 'mass_kg'),
        'in-hand-second' => placesOfALeaf('brief.in_hand.second', 'mass_kg'),
        'in-hand-solid' => SOLID_ASKED,
    ]);
});

test('where it is solid each field has a name of its own, and from and to stand over the first row', function () {
    $solid = array_values(array_filter(
        (new SizeCardForm(Begun::doorway('kiln-room'), null))->groups(),
        fn (Group $group) => $group->key === 'in-hand-solid',
    ))[0];
    $names = array_merge(...array_map(fn (Row $row) => array_column($row->fields, 'label'), $solid->rows));

    expect(array_column($solid->rows, 'label'))->toBe(array_unique(array_column($solid->rows, 'label')))
        ->and($names)->toBe(array_unique($names))
        ->and(array_map(fn (Row $row) => array_column($row->fields, 'caption'), $solid->rows))
        ->toBe([[''], ['from', 'to'], ['', '']]);
});

test('before there is a plan there is no card, and nothing is said to fit', function () {
    $form = new SizeCardForm(Begun::doorway('kiln-room', ['survey.opening.width' => []]), null);

    expect($form->card())->toBeNull()->and($form->fits(null))->toBe([])
        ->and(array_keys(askedOnCard($form)))->toBe(['in-hand', 'in-hand-solid']);
});

test('a leaf that is made of old ones is told as made, and no other is', function (string $kind, int $many) {
    $made = (new SizeCardForm(Begun::doorway($kind), null))->madeFromOld();

    expect(array_is_list($made))->toBeTrue()
        ->and(array_map(fn (MadeSheet $leaf) => $leaf->oldLeaves() !== [], $made))->toBe(array_fill(0, $many, true));
})->with(['joined' => ['kiln-room joined', 1], 'framed' => ['kiln-room framed', 0]]);
