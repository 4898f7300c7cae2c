<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use Tests\Core\Support\Told;
use YokeLine\Doorway\Brief;
use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\Hang;
use YokeLine\Doorway\LeafBrief;
use YokeLine\Fitting\SizeCard;
use YokeLine\Format\DoorwayReader;
use YokeLine\Planner\Planner;
use YokeLine\Planner\Workshop;
use YokeLine\Planning\Plan;

/* One workshop plans a doorway by many briefs and keeps what they share. */

test('what is amiss along the wall and up it is worked once for those who share it', function () {
    $doorway = Doorways::plan()->doorway;
    $shared = Workshop::at($doorway);
    [$one, $again] = [
        $shared->plan($doorway->brief, Doorways::kits()['flat-40-strap'], 'a', 'u'),
        $shared->plan($doorway->brief, Doorways::kits()['flat-40-strap'], 'a', 'u'),
    ];

    expect($again->layout)->toBe($one->layout)
        ->and($again->heights)->toBe($one->heights)
        ->and($again->guides)->toBe($one->guides)
        ->and($again->place)->toBe($one->place);
});

test('a leaf that is built is built once for all that build it alike', function () {
    [$name, $changes] = Doorways::ofEveryKind()['kiln-room framed'];
    $doorway = Doorways::plan($name, $changes)->doorway;
    $shared = Workshop::at($doorway);
    $plans = array_map(
        fn (string $up) => $shared->plan($doorway->brief, Doorways::kits()['flat-40-strap'], 'a', $up),
        ['u', 'v'],
    );

    expect($plans[1]->making)->not->toBeNull()->and($plans[1]->making)->toBe($plans[0]->making);
});

/** @param  array<string, mixed>  $changes */
function glazed(array $changes = []): Doorway
{
    [$name, $around] = Doorways::ofEveryKind()['kiln-room glazed'];

    return DoorwayReader::read(Doorways::document($name, [...$around, ...$changes]));
}

test('a leaf that cannot be built so is planned as one that is bought, each time it is asked for', function () {
    $doorway = glazed(['brief.leaf.made.frame.stile' => 900]);
    $shared = Workshop::at($doorway);
    $plans = array_map(
        fn (string $up) => $shared->plan($doorway->brief, Doorways::kits()[$doorway->brief->kit], 'a', $up),
        ['u', 'v'],
    );

    expect(array_map(fn (Plan $plan) => $plan->making, $plans))->toBe([null, null]);
});

test('leaves of a pair are built of their own, also where one of their size has nothing to be built of', function () {
    $old = ['width' => 700, 'height' => 2300, 'thickness' => 38];
    $from = [
        (object) [...$old, 'leaf' => 'left', 'species' => 'larch'],
        (object) [...$old, 'leaf' => 'right', 'species' => 'spruce'],
    ];
    $doorway = DoorwayReader::read(Doorways::document('kiln-room', [
        ...Doorways::ofEveryKind()['kiln-room joined'][1],
        'brief.leaf.width' => 660,
        'brief.leaf.made.from' => $from,
    ]));
    $kit = Doorways::kits()[$doorway->brief->kit];
    $plan = fn (Workshop $at, Hang $hang): Plan => $at->plan(
        $doorway->brief->choosing(
            $hang,
            $doorway->brief->opens,
            $doorway->brief->kit,
            $doorway->brief->backing,
            $doorway->brief->leaf,
            $doorway->brief->rules,
        ),
        $kit,
        $hang->value,
        'u',
    );
    $shared = Workshop::at($doorway);
    $one = $plan($shared, Hang::Single);

    expect($one->noRoomAt)->toBe('from')
        ->and(Told::lines($plan($shared, Hang::Biparting)->making))
        ->toBe(Told::lines($plan(Workshop::at($doorway), Hang::Biparting)->making));
});

test('the same leaf is built anew where something else is wanted of it', function (array $otherwise) {
    $planned = glazed();
    $shared = Workshop::at($planned);
    $told = glazed($otherwise);
    $alone = Planner::plan($told, Doorways::kits()[$told->brief->kit]);
    $leaf = [...get_object_vars($told->brief->leaf), 'made' => $planned->brief->leaf->made];
    $brief = $told->brief->choosing(
        $told->brief->hang,
        $told->brief->opens,
        $told->brief->kit,
        $told->brief->backing,
        new LeafBrief(...$leaf),
        $told->brief->rules,
    );
    [$one, $other] = array_map(
        fn (Brief $brief) => Told::lines($shared->plan(
            $brief,
            Doorways::kits()[$brief->kit],
            $at = 'of '.spl_object_id($brief),
            $at,
        )->making),
        [$planned->brief, $brief],
    );

    expect($other)->toBe(Told::lines($alone->making))->and($other)->not->toBe($one);
})->with([
    'its pull elsewhere' => [['brief.rules.pull_height' => 1200]],
    'a pull' => [['brief.pulls' => (object) ['front' => (object) ['kind' => 'bar', 'height' => 300]]]],
    'said to be solid elsewhere' => [['brief.leaf.solid' => [[0, 300]]]],
    'more room under it' => [['brief.rules.gap' => 40]],
    'hangers elsewhere' => [['brief.rules.hanger_inset' => 130]],
    'three hangers' => [['brief.rules.hangers' => 3]],
    'another kit' => [['brief.kit' => 'flat-40-top']],
    'rules of thumb of another house' => [['brief.rules.making.pull_half' => 90]],
]);

test('the thickest leaf of a card is one that has room before the casing', function (int $casing, float $thickest) {
    $card = SizeCard::of(Doorways::plan(changes: ['survey.opening.casing.thickness' => $casing]));

    expect($card->thickness->greatest?->toMm())->toBe($thickest);
})->with([[18, 47.0], [24, 42.0], [27, 39.0]]);

test('a leaf that is built hangs from as many as its mass with its hardware asks for', function (
    array $told,
    int $hangers,
) {
    [$name, $around] = Doorways::ofEveryKind()['kiln-room glazed'];
    // Each of its wheels takes 30 kg; there are 3 kg of hardware.
    $plan = Doorways::plan($name, [...$around, 'brief.kit' => 'round-22-free', ...$told]);

    expect($plan->hangers()->count)->toBe($hangers)
        ->and($plan->making?->leaf->wanted->hangersAt)->toHaveCount($hangers);
})->with([
    'as it is built, 53.7 kg' => [
        ['brief.leaf.made.glass.thickness' => 10, 'brief.leaf.made.frame.thickness' => 50], 2,
    ],
    'as it is built, 57.6 kg' => [
        ['brief.leaf.made.glass.thickness' => 11, 'brief.leaf.made.frame.thickness' => 50], 3,
    ],
    'as it was weighed, 55 kg' => [['brief.leaf.mass_kg' => 55], 2],
    'as it was weighed, 88 kg' => [['brief.leaf.mass_kg' => 88], 4],
]);
