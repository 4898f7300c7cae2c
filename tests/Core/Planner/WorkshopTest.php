<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Fitting\SizeCard;
use YokeLine\Planner\Workshop;

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

test('the thickest leaf of a card is one that has room before the casing', function (int $casing, float $thickest) {
    $card = SizeCard::of(Doorways::plan(changes: ['survey.opening.casing.thickness' => $casing]));

    expect($card->thickness->greatest?->toMm())->toBe($thickest);
})->with([[18, 47.0], [24, 42.0], [27, 39.0]]);
