<?php

declare(strict_types=1);

use Eris\Generators;
use Tests\Core\Support\Doorways;
use YokeLine\Holding\Anchoring;
use YokeLine\Holding\Fixing;

uses(Eris\TestTrait::class);

/** @return list<list<float|int|null>> what each fixing takes, and how much of it is used */
function loadsOf(Anchoring $anchoring): array
{
    return array_map(fn (Fixing $fixing) => [
        $fixing->x->nm, $fixing->y->nm,
        $fixing->load->shear, $fixing->load->tension, $fixing->load->bearing,
        $fixing->load->reaction->max, $fixing->load->reaction->min,
        $fixing->strength->utilisation, $fixing->strength->withdrawal, $fixing->strength->lateral,
    ], $anchoring->fixings);
}

test('an anchoring that is asked to carry another leaf is the one that is worked for that leaf', function (string $name) {
    $this->limitTo(12)->forAll(Generators::choose(18, 90), Generators::choose(18, 90))->then(
        function (int $first, int $other) use ($name) {
            $of = fn (int $kg) => Doorways::plan($name, ['brief.leaf.mass_kg' => $kg]);
            [$carried, $worked] = [Anchoring::of($of($first))->carrying($of($other)), Anchoring::of($of($other))];
            [$is, $wanted] = [loadsOf($carried), loadsOf($worked)];

            expect(count($is))->toBe(count($wanted));
            foreach ($is as $i => $loads) {
                expect($loads)->toEqualWithDelta($wanted[$i], 1e-6, "fixing {$i} of {$name} at {$other} kg");
            }
            expect($carried->worst()?->strength->utilisation)
                ->toEqualWithDelta($worked->worst()?->strength->utilisation, 1e-9)
                ->and($carried->hungKg)->toEqualWithDelta($worked->hungKg, 1e-9);
        },
    );
})->with(['kiln-room', 'reclaim-bay', 'slip-store', 'map-archive']);

test('a rail that hangs higher has its fixings so much higher, and as loaded', function () {
    $of = fn (int $height) => Doorways::plan('kiln-room', [
        'brief.leaf.height' => $height, 'brief.leaf.mass_kg' => 40,
    ]);
    [$low, $high] = [$of(2138), $of(2200)];
    $up = $high->yokeLine()->minus($low->yokeLine());
    [$before, $carried] = [Anchoring::of($low), Anchoring::of($low)->carrying($high)];

    expect($up->isPositive())->toBeTrue();
    foreach ($carried->fixings as $i => $fixing) {
        expect($fixing->y->minus($before->fixings[$i]->y)->nm)->toBe($up->nm)
            ->and($fixing->load->shear)->toEqualWithDelta($before->fixings[$i]->load->shear, 1e-6);
    }
});
