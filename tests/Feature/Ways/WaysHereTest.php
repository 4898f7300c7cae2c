<?php

declare(strict_types=1);

use App\Models\Doorway;
use App\Shop\Prices;
use App\Ways\WaysHere;
use Illuminate\Support\Facades\Cache;
use Tests\Begun;
use YokeLine\Catalog\MaterialKind;
use YokeLine\Stock\Materials;
use YokeLine\Ways\Ranking;

/* The ways of one doorway, as they are worked, kept and priced. */

function waysHere(?Doorway $doorway = null): WaysHere
{
    return new WaysHere($doorway ?? Begun::doorway('kiln-room'), null, 12);
}

test('a ranking is shown as it grows, and whole at the end', function () {
    $seen = [];
    foreach (waysHere()->rankings([0.0, 0.0, 9999.0]) as $ranking) {
        $seen[] = [$ranking->count(), $ranking->isWhole()];
    }

    expect(array_slice($seen, 0, 2))->toBe([[1, false], [2, false]])
        ->and(array_slice($seen, 2))->toHaveCount(1)
        ->and($seen[2][0])->toBeGreaterThan(2)
        ->and($seen[2][1])->toBeTrue();
});

test('what was worked is not worked again, until something of the doorway changes', function () {
    $doorway = Begun::doorway('kiln-room');
    [$first] = array_slice(iterator_to_array(waysHere($doorway)->rankings([]), false), -1);
    $again = iterator_to_array(waysHere($doorway)->rankings([0.0]), false);
    Cache::flush();
    $anew = iterator_to_array(waysHere($doorway)->rankings([0.0]), false);

    expect($again)->toHaveCount(1)->and($again[0])->toEqual($first)->and(count($anew))->toBe(2)
        ->and(array_filter($anew, fn (Ranking $ranking) => $ranking->isWhole()))->not->toBe([]);
});

test('what a way costs is said where anything is priced, with how much is not', function () {
    $prices = app(Prices::class);
    $ways = waysHere();
    $plan = $ways->setout->plan;
    $kitAlone = $ways->cost($plan);
    foreach (Materials::of($plan, 0, 0.0) as $material) {
        // The kit has the price of its own sheet.
        $material->id->kind === MaterialKind::Kit || $prices->set($material->key, 0);
    }
    // The board is cut of bars, which are bought by their own length.
    $butTheBoard = $ways->cost($plan);

    expect($kitAlone)->toBe($prices->say(12_900).' and 16 unpriced')
        ->and($butTheBoard)->toBe($prices->say(12_900).' and one unpriced');
});

test('where nothing is priced no cost is said', function () {
    $ways = waysHere(Begun::doorway('kiln-room', ['kit.price' => null]));

    expect($ways->cost($ways->setout->plan))->toBe('');
});
