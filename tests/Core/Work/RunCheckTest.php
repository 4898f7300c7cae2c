<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Measure\Length;
use YokeLine\Work\BoxCheck;
use YokeLine\Work\Order;
use YokeLine\Work\RunCheck;
use YokeLine\Work\SiteMeasurements;

const ON_SITE = [
    'kiln-room',
    'glaze-store',
    'map-archive',
    'reclaim-bay',
    'slip-store',
    'meter-room',
    'throwing-room',
    'loading-bay',
];

/** @return array<string, RunCheck> */
function runChecks(string $name): array
{
    return array_column(RunCheck::of(Doorways::plan($name)), null, 'id');
}

test('every leaf is proved at both edges, shut and open', function (string $name) {
    $checks = runChecks($name);
    $plan = Doorways::plan($name);
    $gaps = array_filter($checks, fn (RunCheck $check) => str_starts_with($check->id, 'gap-'));
    $wanted = [];
    foreach ($plan->layout->runs as $run) {
        array_push(
            $wanted,
            ...array_map(fn (Length $x) => $plan->gapAt($x)->nm, [
                $run->closed()->low,
                $run->closed()->high,
                $run->open()->low,
                $run->open()->high,
            ]),
        );
    }

    expect(array_values(array_map(fn (RunCheck $check) => $check->expected?->nm, $gaps)))
        ->toBe($wanted)
        ->and($gaps)
        ->toHaveCount(4 * count($plan->layout->runs));
})->with(ON_SITE);

test('a reading holds up to its slack, either way, and no further', function () {
    $check = runChecks('kiln-room')['gap-shut-left'];
    $slack = $check->slack ?? Length::zero();

    expect($check->holds($check->expected->plus($slack)))
        ->toBeTrue()
        ->and($check->holds($check->expected->minus($slack)))
        ->toBeTrue()
        ->and($check->holds($check->expected->plus($slack, Length::nm(1))))
        ->toBeFalse()
        ->and($check->holds($check->expected->minus($slack, Length::nm(1))))
        ->toBeFalse();
});

test('what is only looked at holds whatever is read', function () {
    expect(runChecks('kiln-room')['stops']->holds(Length::mm(-900)))->toBeTrue();
});

test('a catch and discs are proved only where the kit has them', function () {
    expect(runChecks('kiln-room'))
        ->toHaveKeys(['catch', 'disc'])
        ->and(runChecks('glaze-store'))
        ->not->toHaveKey('catch');
});

test('a box holds two hangers a leaf, and a standoff for every hole', function (string $name) {
    $plan = Doorways::plan($name);
    $needed = implode(
        "\n",
        array_map(fn (array $row) => "{$row[0]} ".(is_string($row[1]) ? $row[1] : $row[1]->how), BoxCheck::of($plan)),
    );
    $rails = $plan->layout->midOverlap === null ? 1 : 2;

    expect(
        $plan->kit->contents !== [] ||
            (preg_match(sprintf('/^%d (straps|plates)$/m', 2 * count($plan->layout->runs)), $needed) === 1 &&
                str_contains($needed, $rails * count($plan->rail->holes).' standoffs')),
    )
        ->toBeTrue($needed)
        ->and($needed)
        ->not->toMatch('/^0 /m');
})->with(ON_SITE);

test('what is asked at a step is asked beside the number that was planned, and that number never differs', function (
    string $name,
) {
    $plan = Doorways::plan($name);
    $asked = [];
    foreach (Order::of($plan)->steps as $step) {
        foreach (SiteMeasurements::at($step, $plan) as $ask) {
            expect($ask->differs($ask->planned))
                ->toBeFalse($ask->id)
                ->and($ask->differs($ask->planned->plus($ask->slack, Length::nm(1))))
                ->toBeTrue($ask->id);
            $asked[] = $ask->id;
        }
    }

    foreach ($plan->leaves() as $leaf) {
        expect($asked)->toContain(
            "leaf-width{$leaf->suffix()}",
            "leaf-height{$leaf->suffix()}",
            "gap-left{$leaf->suffix()}",
        );
    }
    expect($asked)->toContain('line-1', 'line-2', 'line-3')->and($asked)->toHaveCount(count(array_unique($asked)));
})->with(ON_SITE);
