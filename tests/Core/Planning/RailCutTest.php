<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Catalog\MaterialKind;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;
use YokeLine\Planning\RailCut;
use YokeLine\Stock\Materials;
use YokeLine\Work\Order;

/** The kiln room, with rails that are sold but in one length. @param  array<string, mixed>  $changes */
function cutFrom(int $bar, array $changes = []): Plan
{
    $kit = Doorways::kit('flat-40-strap', ['rail.lengths' => [$bar]]);

    return Doorways::plan(
        'kiln-room',
        ['survey.wall.to' => 2950, ...$changes],
        $kit,
    );
}

test('a rail of stock length is not cut', function () {
    expect(RailCut::of(Doorways::plan()))->toBeNull();
});

test('every hole of a cut rail is one that the bar has or one that is drilled, and none both', function (int $bar) {
    $plan = cutFrom($bar);
    $cut = RailCut::of($plan);
    $all = [...$cut->kept, ...$cut->bored];
    sort($all);

    expect($cut->bar->toMm())
        ->toBe((float) $bar)
        ->and($all)
        ->toBe(range(1, count($plan->rail->holes)));
    foreach ($cut->left as $hole) {
        expect($hole->isUnder($plan->rail->length->total))->toBeTrue();
    }
})->with([3050, 3300, 4000]);

test('what is kept is a hole of the bar, counted from the end that is not cut off', function () {
    $plan = cutFrom(3300);
    $cut = RailCut::of($plan);
    $off = $cut->end === 'left' ? $cut->bar->minus($plan->rail->length->total) : Length::zero();
    $bar = array_map(
        fn (Length $hole) => $hole->minus($off)->nm,
        YokeLine\Planning\Rail::holesOfBar($cut->bar, $plan->kit->rail),
    );
    foreach ($cut->kept as $n) {
        $at = $plan->rail->holes[$n - 1]->minus($plan->rail->span->low)->nm;
        expect(min(array_map(fn (int $hole) => abs($hole - $at), $bar)))->toBeLessThanOrEqual(500_000);
    }

    expect($cut->kept)->not->toBe([]);
});

test('a rail that its maker cuts is no step, and its length and holes are on the order', function () {
    $site = cutFrom(3300);
    $maker = cutFrom(3300, ['brief.rail_cut' => 'maker']);
    $kit = fn (Plan $plan) => array_values(
        array_filter(Materials::of($plan), fn ($material) => $material->id->kind === MaterialKind::Kit),
    )[0];

    expect(array_keys(Order::of($site)->steps))
        ->toContain('cut-rail', 'bore-rail')
        ->and(array_keys(Order::of($maker)->steps))
        ->not->toContain('cut-rail')
        ->and($kit($site)->id->sizes['rail']->toMm())
        ->toBe(3300.0)
        ->and($kit($maker)->id->sizes['rail']->nm)
        ->toBe($maker->rail->length->total->nm)
        ->and($kit($maker)->note->with['holes'])
        ->toHaveCount(count($maker->rail->holes));
});

test('as many holes are kept as the better end leaves where they are wanted', function (int $bar) {
    $plan = cutFrom($bar);
    $wanted = array_map(fn (Length $hole) => $hole->minus($plan->rail->span->low)->toMm(), $plan->rail->holes);
    $kept = [];
    foreach ([0.0, $bar - $plan->rail->length->total->toMm()] as $off) {
        $has = array_map(
            fn (Length $hole) => $hole->toMm() - $off,
            YokeLine\Planning\Rail::holesOfBar(Length::mm($bar), $plan->kit->rail),
        );
        $kept[] = count(
            array_filter(
                $wanted,
                fn (float $at) => min(array_map(fn (float $hole) => abs($hole - $at), $has)) <= 0.5,
            ),
        );
    }

    expect(RailCut::of($plan)->kept)->toHaveCount(max($kept));
})->with([3000, 3050, 3100, 3150, 3200, 3250, 3300, 3500, 4000]);
