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

foreach ([
    'a rail that is cut on site' => CUT,
    'a rail that its maker cuts' => [...CUT, 'brief.rail_cut' => 'maker'],
    'a buffer at an end' => ['brief.ends.shut.by' => 'wall-buffer'],
    'a fin in a groove' => ['brief.rules.guide' => 'fin', 'brief.rules.groove' => 'stopped'],
    'a short tape' => ['marking.tape' => 1500],
    'tapes from the right' => ['marking.pulls' => (object) ['board' => ['end-r left'], 'wall' => ['corner-r left']]],
    'a lighter leaf' => ['brief.leaf.mass_kg' => 31],
] as $how => $changes) {
    test("{$how} changes what steps say as it was approved", function () use ($how, $changes) {
        [$plain, $other] = array_map(
            fn (array $with) => stepsInShort(Begun::doorway('kiln-room', $with)),
            [[], $changes],
        );
        $differs = [];
        foreach ($plain + $other as $id => $step) {
            if (($plain[$id] ?? null) !== ($other[$id] ?? null)) {
                $differs[$id] = ['was' => $plain[$id] ?? 'not there', 'is' => $other[$id] ?? 'not there'];
            }
        }

        expect($differs)->not->toBe([]);
        Approved::holds("Site/otherwise/{$how}", $differs);
    });
}

test('in the other unit every number is another', function () {
    $doorway = Begun::doorway('kiln-room');
    Approved::holds('Site/steps/kiln-room in inches', stepsInShort($doorway, Unit::Inch));
});
