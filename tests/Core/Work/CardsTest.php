<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Measure\Message;
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
    $said = fn (array $says) => array_map(fn (Message $one) => $one->how, $says);

    expect($said(AtHand::stop(Doorways::plan('kiln-room'))))
        ->toContain('stop-clamps', 'catches-differ')
        ->and($said(AtHand::stop(Doorways::plan('glaze-store'))))
        ->toContain('stop-before-rail')
        ->not->toContain('catches-differ')
        ->and($said(AtHand::guide(Doorways::plan('map-archive'))))
        ->toContain('roller')
        ->and($said(AtHand::hanger(Doorways::plan('glaze-store'))))
        ->toContain('standoff-wall');
});
