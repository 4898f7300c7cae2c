<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use Tests\Core\Support\Told;
use YokeLine\Doorway\Backing;
use YokeLine\Fitting\SizeCard;
use YokeLine\Measure\Length;
use YokeLine\Planner\Workshop;
use YokeLine\Planning\Plan;

/* One workshop plans a doorway by many briefs and keeps what they share: each as if it were the first. */

/** What a house may have otherwise, each against what is usual. */
const OTHERWISE = [
    'gap' => ['brief.rules.gap' => 20],
    'inset' => ['brief.rules.hanger_inset' => 130],
    'guide' => ['brief.rules.guide' => 'shoe'],
    'rail' => ['brief.rules.rail_left' => 640],
    'hangers' => ['brief.rules.hangers' => 3],
];

/**
 * The briefs of one doorway, told apart by their sizes, kit, rules and what carries the rail; of a leaf that is built
 * all build the same one.
 *
 * @param  array<string, mixed>  $changes
 * @return Generator<string, Closure(Workshop): Plan>
 */
function manyBriefs(string $name, array $changes, string $otherwise): Generator
{
    $plan = Doorways::plan($name, $changes);
    $brief = $plan->doorway->brief;
    foreach (['usual' => [], $otherwise => OTHERWISE[$otherwise]] as $rule => $changed) {
        $rules = Doorways::plan($name, [...$changes, ...$changed])->doorway->brief->rules;
        foreach (['flat-40-strap', 'flat-40-top'] as $kit) {
            foreach ([[0, 0, null], [0, 0, 44], [9, 0, 38], [0, 13, null]] as [$wider, $higher, $thick]) {
                $leaf = $brief->leaf->sized(
                    $plan->layout->width->size->total->plus(Length::mm($wider)),
                    $plan->heights->leaf->size->total->plus(Length::mm($higher)),
                    $thick === null ? null : Length::mm($thick),
                );
                foreach ([Backing::Header, Backing::Direct] as $backing) {
                    $wanted = $brief->choosing($brief->hang, $brief->opens, $kit, $backing, $leaf, $rules);
                    $along = "{$rule} {$kit} {$wider} {$backing->value}";
                    yield "{$along} {$higher} {$thick}" => fn (Workshop $workshop): Plan => $workshop->plan(
                        $wanted,
                        Doorways::kits()[$kit],
                        $along,
                        "{$rule} {$kit} {$higher}",
                    );
                }
            }
        }
    }
}

foreach (['kiln-room', 'slip-store', 'kiln-room framed', 'kiln-room planked'] as $called) {
    foreach (array_keys(OTHERWISE) as $otherwise) {
        test("the {$called} after many others with another {$otherwise} is planned as by itself", function () use (
            $called,
            $otherwise,
        ) {
            [$name, $changes] = Doorways::ofEveryKind()[$called];
            $doorway = Doorways::plan($name, $changes)->doorway;
            $shared = Workshop::at($doorway);
            $differ = [];
            foreach (manyBriefs($name, $changes, $otherwise) as $which => $plan) {
                if (Told::lines($plan($shared)) !== Told::lines($plan(Workshop::at($doorway)))) {
                    $differ[] = $which;
                }
            }

            expect($differ)->toBe([]);
        });
    }
}

test('what is amiss along the wall and up it is worked once for those who share it', function () {
    $doorway = Doorways::plan()->doorway;
    $shared = Workshop::at($doorway);
    [$one, $again] = [
        $shared->plan($doorway->brief, Doorways::kits()['flat-40-strap'], 'a', 'u'),
        $shared->plan($doorway->brief, Doorways::kits()['flat-40-strap'], 'a', 'u'),
    ];

    expect($again->layout)->toBe($one->layout)
        ->and($again->heights)->toBe($one->heights)
        ->and($again->guides)->toBe($one->guides)
        ->and($again->depths)->toBe($one->depths)
        ->and($again->place)->toBe($one->place);
});

test('a leaf that is built is built once for all that build it alike', function () {
    [$name, $changes] = Doorways::ofEveryKind()['kiln-room framed'];
    $doorway = Doorways::plan($name, $changes)->doorway;
    $shared = Workshop::at($doorway);
    $plans = array_map(
        fn (string $up) => $shared->plan($doorway->brief, Doorways::kits()['flat-40-strap'], 'a', $up),
        ['u', 'v'],
    );

    expect($plans[1]->making)->not->toBeNull()->and($plans[1]->making)->toBe($plans[0]->making);
});

test('the thickest leaf of a card is one that has room before the casing', function (int $casing, float $thickest) {
    $card = SizeCard::of(Doorways::plan(changes: ['survey.opening.casing.thickness' => $casing]));

    expect($card->thickness->greatest?->toMm())->toBe($thickest);
})->with([[18, 47.0], [24, 42.0], [27, 39.0]]);
