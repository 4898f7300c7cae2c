<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Practice\InHand;

/* A door that is there already is judged by its size alone. */

test('a door that is there is as good as the gravest of its sizes, whatever else is not known', function (
    ?array $inHand,
    ?string $verdict,
) {
    $changes = $inHand === null ? [] : ['brief.in_hand' => $inHand, 'brief.leaf.trim_limit' => 10];

    expect(InHand::verdict(Doorways::plan(changes: $changes)))->toBe($verdict);
})->with([
    'none is there' => [null, null],
    'nothing of it is measured' => [['mass_kg' => 30], null],
    'it fits' => [['width' => 965, 'height' => 2200], 'fits'],
    'it fits, and nobody knows what is inside' => [['width' => 965, 'height' => 2200, 'mass_kg' => 40], 'fits'],
    'too high, to be trimmed' => [['width' => 965, 'height' => 2535], 'trim'],
    'uneven' => [['width' => 965, 'thickness' => [42, 40]], 'pack'],
    'too narrow, and to be trimmed' => [['width' => 940, 'height' => 2535], 'reject'],
]);
