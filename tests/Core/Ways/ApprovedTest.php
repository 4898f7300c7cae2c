<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use YokeLine\Format\DoorwayReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;
use YokeLine\Ways\Ranking;
use YokeLine\Ways\Search;
use YokeLine\Ways\Way;
use YokeLine\Ways\Weights;

/* Ways to hang a door, found and put in order. */

/** @return array{Search, Ranking} */
function waysAsked(string $name): array
{
    static $asked = [];

    return $asked[$name] ??= (function () use ($name): array {
        $search = Search::of(DoorwayReader::read(Doorways::document($name, [
            'brief.leaf.stock_widths' => [965], 'brief.leaf.stock_heights' => [2138, 2200],
        ])), Doorways::kits());
        $ranking = new Ranking();
        foreach ($search->ways(90) as $way) {
            $ranking->add($way);
        }
        $ranking->judge($search->judge());

        return [$search, $ranking];
    })();
}

foreach (['kiln-room', 'map-archive', 'slip-store', 'meter-room'] as $name) {
    test("the ways of the {$name} are as they were approved", function () use ($name) {
        [$search, $ranking] = waysAsked($name);
        $exact = new LengthWriter(Unit::Millimetre);
        $told = fn (array $ways) => array_map(
            fn (Way $way) => [$way->choice->changes($exact), $way->choice->along(), $way->choice->up(), $way],
            $ways,
        );

        Approved::holds("Ways/found/{$name}", [
            $search->count(), $search->tooSmall, $ranking->count(), $ranking->working(), $ranking->isWhole(),
            $told(array_slice($ranking->best(Weights::from([])), 0, 12)),
            $told($ranking->tradeOffs()), $ranking->reasons(),
            array_map(fn (array $one) => [$one['way']->choice, $one['more']], $ranking->arrangements(
                Weights::from(['sight']),
                $search->judge(),
            )),
        ]);
    });

    test("what is wanted puts the ways of the {$name} in the order that was approved", function () use ($name) {
        [, $ranking] = waysAsked($name);
        $order = [];
        foreach (array_keys(Weights::from([])->of) as $purpose) {
            $weights = Weights::from([])->with([...array_map(fn () => 0, Weights::from([])->of), $purpose => 10]);
            $order[$purpose] = array_map(
                fn (Way $way) => [$way->sameAs(), $weights->score($way, 900.0, 60.0), $weights->score($way, 0.0, null)],
                array_slice($ranking->best($weights), 0, 8),
            );
        }

        Approved::holds("Ways/order/{$name}", $order);
    });
}

test('a weight stands between nought and ten, and what nobody weighs is left out', function () {
    $of = Weights::from(['sound', 'no-such', 'sight'])->with(['sight' => 99, 'light' => -4, 'nothing' => 7])->of;

    expect($of['sight'])->toBe(10)->and($of['light'])->toBe(0)->and($of)->not->toHaveKey('nothing')
        ->and($of['sound'])->toBe(10)->and($of['cost'])->toBe(3)->and($of['ease'])->toBe(5);
});
