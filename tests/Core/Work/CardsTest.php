<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Work\AtHand;
use YokeLine\Work\Order;
use YokeLine\Work\WorkCard;

test('every step is on one card, none is lost and none is told twice', function (string $name) {
    $order = Order::of(Doorways::plan($name));
    $on = array_merge(
        ...array_values(array_map(fn (array $steps) => array_map(fn ($step) => $step->id, $steps), WorkCard::of($order))),
    );
    sort($on);
    $all = array_keys($order->steps);
    sort($all);

    expect($on)->toBe($all);
})->with(['kiln-room', 'glaze-store', 'map-archive', 'reclaim-bay']);

test('there are at most ten cards', function (string $name) {
    expect(count(WorkCard::of(Order::of(Doorways::plan($name)))))->toBeLessThanOrEqual(10);
})->with(['kiln-room', 'glaze-store', 'map-archive', 'reclaim-bay']);

test('what is said at the hand follows from the kit', function () {
    expect(implode(' ', AtHand::stop(Doorways::plan('kiln-room'))))
        ->toContain('Clamps on at any time')
        ->toContain('Left and right catches differ')
        ->and(implode(' ', AtHand::stop(Doorways::plan('glaze-store'))))
        ->toContain('On the rail before the rail is up')
        ->not->toContain('catches')
        ->and(implode(' ', AtHand::guide(Doorways::plan('map-archive'))))
        ->toContain('Roller on the wall')
        ->and(implode(' ', AtHand::hanger(Doorways::plan('glaze-store'))))
        ->toContain('wide foot to the wall');
});
