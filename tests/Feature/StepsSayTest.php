<?php

declare(strict_types=1);

use App\Models\Doorway;
use App\Site\SiteRun;
use App\Site\SiteStep;
use Tests\Begun;
use Tests\Core\Support\Approved;
use YokeLine\Measure\Unit;
use YokeLine\Work\SiteMeasurement;

/* What every step says on site, of doorways of every kind: numbers, what is at hand, what is asked, what is drawn. */

/** @return array<string, mixed> a step in short */
function stepInShort(SiteStep $step): array
{
    return array_filter([
        'title' => $step->title,
        'card' => $step->card,
        'before' => array_column($step->before, 0),
        'numbers' => array_map(fn (array $reading) => "{$reading[0]} | {$reading[1]}", $step->readings),
        'at hand' => $step->hand,
        'asks' => array_map(
            fn (array $ask) => $ask[0]->id,
            array_filter($step->asks, fn (array $ask) => $ask[0] instanceof SiteMeasurement),
        ),
        'draws' => $step->drawing === '' ? '' : substr(sha1($step->drawing), 0, 8),
    ]);
}

/** What a step draws is told by a mark; what it is told beside is told in full. */
function stepsInShort(Doorway $doorway, ?Unit $units = null): array
{
    $steps = [];
    foreach ((new SiteRun($doorway, $units))->steps() as $step) {
        $steps[$step->step->id] = stepInShort($step);
    }

    return $steps;
}

/** A rail that is sold longer than it may be. */
const CUT = ['survey.wall.to' => 2950, 'kit.rail.lengths' => [3300]];

test('steps say what was approved', function (string $kind) {
    Approved::holds("Site/steps/{$kind}", stepsInShort(Begun::doorway($kind)));
})->with([
    'kiln-room', 'glaze-store', 'map-archive', 'reclaim-bay', 'slip-store', 'loading-bay', 'throwing-room',
    'packing-loft', 'kiln-room, drilled on site', 'kiln-room, free brackets', 'slip-store, two that pass',
    'in drying-loft', 'kiln-room framed',
]);

test('what a doorway wants done otherwise changes what its steps say', function (string $kind, array $changes) {
    [$plain, $other] = [
        stepsInShort(Begun::doorway($kind)),
        stepsInShort(Begun::doorway($kind, $changes)),
    ];
    $differs = [];
    foreach ($plain + $other as $id => $step) {
        if (($plain[$id] ?? null) !== ($other[$id] ?? null)) {
            $differs[$id] = ['was' => $plain[$id] ?? 'not there', 'is' => $other[$id] ?? 'not there'];
        }
    }
    $named = json_encode($changes);

    expect($differs)->not->toBe([]);
    Approved::holds('Site/otherwise/'.$kind.' '.substr(sha1((string) $named), 0, 8), [$named, $differs]);
})->with([
    'a rail that is cut on site' => ['kiln-room', CUT],
    'a rail that its maker cuts' => ['kiln-room', [...CUT, 'brief.rail_cut' => 'maker']],
    'a buffer at an end' => ['kiln-room', ['brief.ends.shut.by' => 'wall-buffer']],
    'a fin in a groove' => ['kiln-room', ['brief.rules.guide' => 'fin', 'brief.rules.groove' => 'stopped']],
    'taped from the right' => ['kiln-room', ['marking.tape' => 1500]],
    'pulled from the other end of the board' => [
        'kiln-room', ['marking.pulls' => (object) ['board' => ['end-r left'], 'wall' => ['corner-r left']]],
    ],
    'a lighter leaf' => ['kiln-room', ['brief.leaf.mass_kg' => 31]],
]);

test('in the other unit every number is another', function () {
    $doorway = Begun::doorway('kiln-room');
    Approved::holds('Site/steps/kiln-room in inches', stepsInShort($doorway, Unit::Inch));
});
