<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use YokeLine\Fitting\Fitting;
use YokeLine\Fitting\SizeCard;
use YokeLine\Planning\Plan;

/* Which leaves a doorway takes. */

Approved::ofDoorways('Fitting', [
    'size card' => fn (Plan $plan) => SizeCard::of($plan),
], ['kiln-room', 'map-archive', 'in throwing-room', 'glaze-store']);

test('what is said of a leaf that somebody has is as it was approved', function (
    string $case,
    string $name,
    array $changes,
) {
    $card = SizeCard::of(Doorways::plan($name, $changes));
    $said = [];
    foreach ([
        ['width' => 940, 'height' => 2000], ['width' => 3000, 'height' => 2990], ['width' => 965, 'height' => 2139],
        ['width' => 1085, 'height' => 2534], ['width' => 965.2, 'mass_kg' => 61],
        ['thickness' => [42, 40]], ['thickness' => [60]], ['thickness' => [12, 20]], ['thickness' => [38]],
        ['mass_kg' => 120], ['mass_kg' => 3], ['mass_kg' => 80],
    ] as $inHand) {
        $plan = Doorways::plan($name, ['brief.in_hand' => $inHand, ...$changes]);
        $said[json_encode($inHand)] = Fitting::each($plan, $card);
    }

    Approved::holds("Fitting/in hand/{$case}", $said);
})->with([
    ['as it is', 'kiln-room', []],
    ['trimmed', 'kiln-room', ['brief.leaf.trim_limit' => 10]],
    ['hollow', 'kiln-room', ['brief.leaf.solid' => [[0, 120]], 'brief.leaf.trim_limit' => 40]],
    ['a pair', 'map-archive', ['brief.leaf.trim_limit' => 5]],
]);
