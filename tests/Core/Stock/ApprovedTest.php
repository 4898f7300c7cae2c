<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use YokeLine\Measure\Length;
use YokeLine\Measure\SeededRandom;
use YokeLine\Planning\Plan;
use YokeLine\Stock\BoardsToCut;
use YokeLine\Stock\Cutting;
use YokeLine\Stock\MadeCut;
use YokeLine\Stock\Materials;
use YokeLine\Stock\Piece;

/* What is bought and cut. */

Approved::ofDoorways('Stock', [
    'materials' => fn (Plan $plan) => Materials::of($plan),
    'materials without spares' => fn (Plan $plan) => Materials::of($plan, 1, 0.0),
    'boards of three doorways to cut' => fn (Plan $plan) => BoardsToCut::of(
        [$plan, Doorways::plan('map-archive'), Doorways::plan('reclaim-bay')],
        ['A', 'B', 'C'],
    ),
    'boards to cut' => fn (Plan $plan) => BoardsToCut::of([$plan], ['A']),
    'leaf to cut' => fn (Plan $plan) => $plan->making === null ? null : [
        MadeCut::of($plan->making->leaf, 2), MadeCut::stock($plan->making->leaf),
    ],
]);

Approved::ofFields(
    'Stock',
    'materials',
    Approved::asked(),
    'kiln-room',
    [],
    fn (?Plan $plan) => $plan === null ? null : Materials::of($plan),
);

/** @return list<Piece> */
function piecesFallen(SeededRandom $dice, int $count): array
{
    return array_map(
        fn (int $n) => new Piece(Length::mm((int) floor($dice->between(180, 2300))), "piece {$n}"),
        range(1, $count),
    );
}

foreach ([3, 7, 12, 19, 28] as $count) {
    test("how {$count} pieces that fell by chance are cut is as it was approved", function () use ($count) {
        $dice = new SeededRandom(1964 + $count);
        $cut = [];
        for ($nth = 0; $nth < 4; $nth++) {
            $pieces = piecesFallen($dice, $count);
            $cut[] = [
                Cutting::of($pieces, [Length::mm(2400), Length::mm(3600)], Length::mm(3), Length::mm(10)),
                Cutting::of($pieces, [Length::mm(4200)], Length::zero(), Length::zero()),
            ];
        }

        Approved::holds("Stock/cutting/{$count}", $cut);
    });
}

test('pieces that repeat are cut as it was approved', function () {
    $many = fn (int $mm, int $times) => array_map(fn (int $n) => new Piece(Length::mm($mm), "{$mm}"), range(1, $times));

    Approved::holds('Stock/cutting/many', [
        Cutting::of(
            [...$many(700, 9), ...$many(1100, 6), ...$many(410, 11)],
            [Length::mm(2400)],
            Length::mm(4),
            Length::mm(5),
        ),
        Cutting::of(
            [...$many(999, 14), ...$many(801, 10)],
            [Length::mm(3000), Length::mm(1800)],
            Length::mm(3),
            Length::zero(),
        ),
    ]);
});
