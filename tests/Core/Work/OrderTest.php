<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Work\After;
use YokeLine\Work\Facts;
use YokeLine\Work\MakingTable;
use YokeLine\Work\Order;
use YokeLine\Work\Step;
use YokeLine\Work\StepKind;
use YokeLine\Work\StepTable;

/** @return array<string, mixed> */
function workedOrder(string $doorway): array
{
    return json_decode((string) file_get_contents(__DIR__.'/../Support/work/order.json'), true)['doorways'][$doorway];
}

test(
    'the order of work of a worked doorway comes out: every step, its minutes and people, and what it comes after',
    function (string $doorway) {
        $worked = workedOrder($doorway);
        $order = Order::of(Doorways::plan($doorway, ['survey.opening.was' => $worked['facts']['was']]));
        $said = array_values(
            array_map(
                fn (Step $step) => [
                    $step->id,
                    $step->people,
                    $step->minutes,
                    $step->at,
                    array_map(fn (After $after) => [$after->step, $after->lag, $after->minutes], $step->after),
                ],
                $order->steps,
            ),
        );
        $wanted = array_map(
            fn (array $step) => [
                $step['id'],
                $step['people'],
                $step['minutes'],
                $step['at'],
                array_map(
                    fn (array $after) => [$after['step'], $after['lag'] ?? null, $after['minutes'] ?? 0],
                    $step['after'],
                ),
            ],
            $worked['steps'],
        );

        expect($said)
            ->toBe($wanted)
            ->and([count($order->steps), $order->edges(), $order->minutes(), $order->personMinutes()])
            ->toBe([$worked['count'], $worked['edges'], $worked['minutes'], $worked['person_minutes']]);
    },
)->with(['kiln-room', 'glaze-store', 'map-archive', 'reclaim-bay']);

test('a step that is not there is bridged: what named it comes after what it came after', function () {
    $order = Order::of(Doorways::plan('kiln-room', ['brief.rules.coats_leaf' => 0, 'brief.rules.coats_board' => 0]));
    $names = fn (string $id) => array_map(fn (After $after) => $after->step, $order->steps[$id]->after);

    expect($names('fit-hangers'))
        ->toBe(['bore-leaf', 'groove'])
        ->and($names('board-up'))
        ->toBe(['bore-board', 'prove-line']);
});

test('whatever is taken of cures is a step of the work', function () {
    $changes = [
        'survey.hazards' => [['kind' => 'cable', 'x' => [2000, 2010], 'y' => [0, 2400], 'moved' => true]],
        'survey.obstacles' => [
            [
                'name' => 'switch',
                'kind' => 'switch',
                'x' => [2100, 2180],
                'y' => [1100, 1180],
                'projection' => 12,
                'moved' => true,
            ],
        ],
        'brief.ends.open.by' => 'wall-buffer',
    ];

    expect(array_keys(Order::of(Doorways::plan('kiln-room', $changes))->steps))->toContain(
        'move-hazard',
        'move-obstacle',
        'buffer',
    );
});

test('people to lift a leaf: by mass and by height, three at the most', function (
    float $kg,
    float $height,
    int $people,
) {
    expect(Facts::lift($kg, $height))->toBe($people);
})->with([[20.0, 2100.0, 1], [39.6, 2138.0, 2], [20.0, 2500.0, 2], [20.0, 2800.0, 3], [140.0, 2100.0, 3]]);

test('every kind of step stands in the table once, in its order', function () {
    $kinds = array_map(fn (array $row) => rtrim(explode('.', $row[0])[0], '*^#%'), StepTable::rows());
    $making = array_column(MakingTable::kinds(), 'value');
    $at = (int) array_search('leaf-in', $kinds, true) + 1;

    expect([...array_slice($kinds, 0, $at), ...$making, ...array_slice($kinds, $at)])
        ->toBe(array_column(StepKind::cases(), 'value'));
});
