<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;
use YokeLine\Recovery\OnSite;
use YokeLine\Recovery\Problems;
use YokeLine\Recovery\Question;
use YokeLine\Recovery\Surveyed;
use YokeLine\Setout;
use YokeLine\Work\Order;

/* What is found on site: what is asked of it, and the ways out. */

const FOUND_AT = [
    'kiln-room', 'map-archive', 'slip-store', 'in throwing-room', 'glaze-store', 'reclaim-bay',
    'kiln-room, drilled on site',
];

/**
 * What is asked of it is told: each length so much off what was planned, of choices the so-manieth.
 *
 * @return array<string, Length|string>
 */
function toldOff(Problems $problems, Plan $plan, string $row, int $off): array
{
    return array_map(fn (Question $ask) => $ask->options === []
        ? ($ask->planned ?? $plan->rail->holes[0])->plus(Length::mm($off))
        : (string) array_keys($ask->options)[abs($off) % count($ask->options)], $problems->asks($row));
}

foreach (Problems::ROWS as $row) {
    Approved::ofDoorways('Recovery', [
        "{$row}, nothing done yet" => function (Plan $plan, Setout $setout) use ($row): array {
            $problems = new Problems(new OnSite($setout->document, $plan));

            return [$problems->asks($row), array_map(
                fn (int $off) => $problems->ways($row, toldOff($problems, $plan, $row, $off)),
                [-60, -19, 4, 43, 120],
            )];
        },
        "{$row}, all is done" => function (Plan $plan, Setout $setout) use ($row): array {
            $done = array_map(fn ($step) => $step->kind(), array_values(Order::of($plan)->steps));
            $problems = new Problems(new OnSite($setout->document, $plan, $done));

            return array_map(fn (int $off) => $problems->ways($row, toldOff($problems, $plan, $row, $off)), [-4, 19]);
        },
    ], FOUND_AT);
}

test('what was found stands in the survey as it was approved', function (string $row, string $name) {
    $document = Doorways::document($name);
    $plan = Doorways::plan($name);
    $problems = new Problems(new OnSite($document, $plan));
    $after = array_map(fn (int $off) => $document->changesTo(Surveyed::in(
        $document,
        Unit::Millimetre,
        $row,
        toldOff($problems, $plan, $row, $off),
        'Ines',
        '2026-05-04T09:00:00Z',
    )), [-19, 4, 43]);

    Approved::holds("Recovery/surveyed/{$row} {$name}", $after);
})->with(Problems::SURVEYED)->with(['kiln-room', 'map-archive']);
