<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Doorway\FirstBolt;
use YokeLine\Doorway\Tightened;
use YokeLine\Format\WorkWriter;
use YokeLine\Work\Drive;
use YokeLine\Work\Order;

test('bolts go in from where the house begins', function (FirstBolt $first, int $count, array $insert) {
    expect(Drive::inTurn(array_fill(0, $count, true), $first, Tightened::Each))
        ->insert->toBe($insert)
        ->tighten->toBe($insert);
})->with([
    [FirstBolt::Ends, 5, [1, 5, 2, 3, 4]],
    [FirstBolt::Ends, 1, [1]],
    [FirstBolt::Ends, 2, [1, 2]],
    [FirstBolt::Ends, 0, []],
    [FirstBolt::Middle, 5, [3, 2, 4, 1, 5]],
    [FirstBolt::Middle, 4, [2, 1, 3, 4]],
    [FirstBolt::Across, 4, [1, 2, 3, 4]],
]);

test('bolts are tightened when the house does', function (Tightened $tightened, array $tighten) {
    expect(Drive::inTurn([true, true, true, true], FirstBolt::Ends, $tightened)->tighten)->toBe($tighten);
})->with([
    [Tightened::Each, [1, 4, 2, 3]],
    [Tightened::LevelThen, [1, 2, 3, 4]],
    [Tightened::FromMiddle, [2, 1, 3, 4]],
]);

test('what holds is tightened before what merely clamps', function () {
    expect(Drive::inTurn([false, true, false, true], FirstBolt::Across, Tightened::LevelThen))
        ->tighten->toBe([2, 4, 1, 3])
        ->insert->toBe([1, 2, 3, 4]);
});

test('the rules of a doorway turn its bolts', function () {
    $holes = count(Doorways::plan()->rail->holes);

    expect(Drive::of(Doorways::plan('kiln-room', ['brief.rules.first_bolt' => 'across']))->insert)
        ->toBe(range(1, $holes))
        ->and(Drive::of(Doorways::plan())->insert)
        ->toBe([1, $holes, ...range(2, $holes - 1)]);
});

test(
    'the file has every step with what it waits for, every material by kind and sizes, and the turn of the bolts',
    function (string $name) {
        $plan = Doorways::plan($name);
        $written = WorkWriter::write($plan);
        $steps = Order::of($plan)->steps;

        expect(array_column($written['order'], 'id'))
            ->toBe(array_keys($steps))
            ->and(array_sum(array_column($written['order'], 'minutes')))
            ->toBe(Order::of($plan)->minutes());
        foreach ($written['order'] as $step) {
            expect(array_diff($step['after'], array_keys($steps)))->toBe([]);
        }
        $keys = array_map(
            fn (array $material) => json_encode([$material['kind'], $material['of'] ?? '', $material['sizes']]),
            $written['materials'],
        );
        expect(array_unique($keys))
            ->toHaveCount(count($keys))
            ->and(array_column($written['materials'], 'kind'))
            ->toContain('leaf')
            ->toContain('kit');
        expect($written['drive']['tighten'])
            ->toEqualCanonicalizing($written['drive']['insert'])
            ->toEqualCanonicalizing(range(1, count($plan->rail->holes)));
    },
)->with(['kiln-room', 'glaze-store', 'reclaim-bay', 'throwing-room', 'map-archive']);
