<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Doorway\RailEnd;
use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\Plan;

/** The kiln room on a rail of 2130 that is sold in pieces. @param  list<int>  $lengths */
function inPieces(array $lengths): Plan
{
    $pieces = array_map(
        fn (int $length, int $i) => [
            'length' => $length,
            'left' => $i === 0 ? 'plain' : 'female',
            'right' => $i === count($lengths) - 1 ? 'plain' : 'male',
        ],
        $lengths,
        array_keys($lengths),
    );

    return Doorways::plan('kiln-room', [], Doorways::kit('flat-40-strap', ['rail.pieces' => $pieces]));
}

test('a rail that is sold in numbered pieces is joined where they meet', function () {
    $plan = inPieces([1220, 910]);
    $from = $plan->rail->span->low;

    expect(array_map(fn (Length $joint) => $joint->minus($from)->toMm(), $plan->joints()))
        ->toBe([1220.0])
        ->and(array_map(fn (Length $piece) => $piece->toMm(), $plan->rail->pieces))
        ->toBe([1220.0, 910.0]);
});

test('each piece has holes near both its ends', function () {
    $plan = inPieces([1220, 910]);
    $first = $plan->kit->rail->firstHole;
    foreach ($plan->rail->lying() as $piece) {
        $inside = array_values(array_filter($plan->rail->holes, $piece->contains(...)));
        expect($inside[0]->minus($piece->low)->equals($first))
            ->toBeTrue()
            ->and($piece->high->minus($inside[count($inside) - 1])->equals($first))
            ->toBeTrue();
    }
});

test('leading pieces that make the length do, the rest stays in the box', function () {
    expect(inPieces([1220, 910, 600])->rail->pieces)->toHaveCount(2);
});

test('pieces that do not make the length are not its pieces', function () {
    expect(inPieces([1000, 1000])->joints())->toBe([]);
});

test('pieces that lie in a row leave nothing between them and end where the rail does', function (array $lengths) {
    $plan = inPieces($lengths);
    $lying = $plan->rail->lying();
    $ends = array_map(fn (Span $piece) => $piece->high->nm, $lying);

    expect(end($ends))
        ->toBe($plan->rail->span->high->nm)
        ->and(array_map(fn (Span $piece) => $piece->low->nm, array_slice($lying, 1)))
        ->toBe(array_slice($ends, 0, -1));
})->with([[[2130]], [[710, 710, 710]], [[1220, 910]]]);

test('male goes into female and a plate onto a plate, nothing else', function () {
    $meets = [];
    foreach (RailEnd::cases() as $right) {
        foreach (RailEnd::cases() as $left) {
            $right->meets($left) && ($meets[] = "{$right->value} {$left->value}");
        }
    }

    expect($meets)->toBe(['male female', 'female male', 'plate plate']);
});
