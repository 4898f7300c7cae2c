<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Fitting\Fit;
use YokeLine\Fitting\Fitting;
use YokeLine\Fitting\SizeCard;
use YokeLine\Measure\Length;

/**
 * @param  array<string, mixed>  $inHand
 * @param  array<string, mixed>  $changes
 * @return array<string, string> verdict by what was measured, the gravest where there are several
 */
function fitted(array $inHand, array $changes = []): array
{
    $plan = Doorways::plan(changes: ['brief.in_hand' => $inHand, ...$changes]);
    $fits = array_values(Fitting::each($plan, SizeCard::of($plan)))[0];

    return array_reduce($fits, fn (array $all, $fit) => [...$all, $fit->what => $fit->verdict], []);
}

test('the card of the kiln room begins where the guide just has room and ends under the ceiling', function () {
    $card = SizeCard::of(Doorways::plan());

    expect($card->width->least->toMm())
        ->toBe(960.0)
        ->and($card->height->least->toMm())
        ->toBe(2139.0)
        ->and($card->height->greatestRuledBy?->key)
        ->toBe('findings.headroom.says')
        ->and($card->thickness->least->toMm())
        ->toBe(32.0)
        ->and($card->greatestKg)
        ->toBe(80.0);
});

test('every size inside the card plans without a stop, and the next one out does not', function () {
    $card = SizeCard::of(Doorways::plan());
    $stops = fn (Length $height) => array_filter(
        Doorways::setout(changes: ['brief.leaf.height' => $height->toMm()])->findings,
        fn ($finding) => $finding->severity->value === 'stop' && $finding->code->value !== 'over-worked',
    );

    expect($stops($card->height->greatest))
        ->toBe([])
        ->and($stops($card->height->greatest->plus(Length::mm(1))))
        ->not->toBe([]);
});

test('what is trimmed may be larger by what may come off both edges', function () {
    $card = SizeCard::of(Doorways::plan(changes: ['brief.leaf.trim_limit' => 8]));

    expect($card->height->greatestTrimmed()?->minus($card->height->greatest)->toMm())->toBe(16.0);
});

test('a leaf in hand fits, is trimmed, packed or rejected', function (
    array $inHand,
    array $changes,
    string $what,
    string $verdict,
) {
    expect(fitted($inHand, $changes)[$what])->toBe($verdict);
})->with([
    'fits' => [['width' => 965], [], 'width', 'fits'],
    'too narrow' => [['width' => 940], [], 'width', 'reject'],
    'too high, trimmed' => [['height' => 2535], ['brief.leaf.trim_limit' => 10], 'height', 'trim'],
    'too high, past its trim limit' => [['height' => 2560], ['brief.leaf.trim_limit' => 10], 'height', 'reject'],
    'not measured' => [['width' => 965], [], 'height', 'unknown'],
    'of two thicknesses' => [['thickness' => [42, 40]], [], 'thickness', 'pack'],
    'too thick' => [['thickness' => [60]], [], 'thickness', 'reject'],
    'too heavy' => [['mass_kg' => 120], [], 'mass', 'reject'],
    'solid at both hangers' => [['width' => 965], ['brief.leaf.solid' => [[0, 120], [845, 965]]], 'solid', 'fits'],
    'hollow at one' => [['width' => 965], ['brief.leaf.solid' => [[0, 120]]], 'solid', 'reject'],
]);

test('a leaf that is thicker than planned is packed out by what it lacks, and by washers where it is uneven', function (
    array $thicknesses,
    array $packed,
) {
    // Planned with 40 it clears a baseboard of 22 by 9, and 6 is wanted.
    $plan = Doorways::plan(changes: [
        'brief.in_hand.thickness' => $thicknesses, 'survey.baseboard' => ['height' => 90, 'thickness' => 22],
    ]);
    $told = [];
    foreach (array_values(Fitting::each($plan, SizeCard::of($plan)))[0] as $fit) {
        if ($fit->what === 'thickness') {
            $lengths = array_filter($fit->says()->with, fn (mixed $value) => $value instanceof Length);
            $told[$fit->says()->key] = array_map(fn (Length $length) => $length->toMm(), $lengths);
        }
    }
    unset($told['fitting.under-nuts']);

    expect($told)->toEqual($packed);
})->with([
    'as planned' => [[40], []],
    'thicker than there is room' => [[46], ['fitting.spacer' => ['short' => 3, 'clearance' => 3, 'wanted' => 6]]],
    'uneven' => [[40, 39], ['fitting.washers' => ['by' => 1, 'thin' => 39]]],
    'uneven by half a millimetre' => [[40, 39.5], []],
]);

test('a leaf is as good as its gravest measure', function (array $verdicts, string $together) {
    $fits = array_map(fn (string $verdict) => new Fit('width', $verdict, 'fits'), $verdicts);

    expect(Fit::together($fits))->toBe($together);
})->with([
    'all fit' => [['fits', 'fits'], 'fits'],
    'one is packed' => [['fits', 'pack'], 'pack'],
    'one is trimmed beside one that is packed' => [['pack', 'trim'], 'trim'],
    'one is not known' => [['trim', 'unknown'], 'unknown'],
    'one is rejected' => [['unknown', 'reject', 'fits'], 'reject'],
]);

test('of a pair each leaf in hand is held against its own place, and the heavier one is hung by', function () {
    $plan = Doorways::plan('map-archive', [
        'brief.in_hand' => [
            'width' => (int) ceil(SizeCard::of(Doorways::plan('map-archive'))->width->least->toMm()),
            'height' => 2284,
            'thickness' => [44, 44],
            'mass_kg' => 30,
            'second' => ['width' => 700, 'height' => 2284, 'thickness' => [44, 41], 'mass_kg' => 34],
        ],
    ]);
    $each = Fitting::each($plan, SizeCard::of($plan));
    $of = fn (string $leaf, string $what) => array_values(
        array_filter($each[$leaf], fn (Fit $fit) => $fit->what === $what),
    )[0]->verdict;

    expect(array_keys($each))
        ->toBe(array_keys($plan->layout->runs))
        ->and($of('left', 'width'))
        ->toBe('fits')
        ->and($of('right', 'width'))
        ->toBe('reject')
        ->and($plan->mass->kg)
        ->toBe(34.0);
});

test('of a pair the leaf that nobody has is not judged', function () {
    $plan = Doorways::plan('map-archive', ['brief.in_hand' => ['width' => 965]]);

    expect(array_keys(Fitting::each($plan, SizeCard::of($plan))))->toBe(['left']);
});

test('in inches a card is worked out to a sixteenth', function () {
    $plan = Doorways::plan('in throwing-room');
    $card = SizeCard::of($plan);
    $sizes = array_filter([
        $card->width->least,
        $card->width->greatest,
        $card->height->least,
        $card->height->greatest,
        $card->thickness->least,
    ]);

    expect(count($sizes))->toBeGreaterThan(3)
        ->and(array_map(fn (Length $size) => $size->nm % Length::sixteenths(1)->nm, $sizes))
        ->each->toBe(0)
        ->and($card->width->least->minus($plan->layout->width->needed->total)->isUnder(Length::sixteenths(1)))
        ->toBeTrue();
});
