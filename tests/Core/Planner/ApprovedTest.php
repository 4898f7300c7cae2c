<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use Tests\Core\Support\Told;
use YokeLine\Doorway\Backing;
use YokeLine\Doorway\Brief;
use YokeLine\Doorway\LeafBrief;
use YokeLine\Format\DoorwayReader;
use YokeLine\Measure\Length;
use YokeLine\Planner\Workshop;
use YokeLine\Planning\Depth;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\Plan;

/* One doorway planned by many briefs in one workshop, each number for number: also what one takes over from another. */

/** @return array<string, mixed> the numbers that its briefs are told apart by, and a mark of all the others */
function inShort(Plan $plan): array
{
    return [
        'all' => substr(sha1(implode("\n", Told::lines($plan))), 0, 10),
        'backing' => $plan->backing(),
        'yoke line' => $plan->yokeLine(),
        'rail' => $plan->rail->span,
        'holes' => array_map(fn (Length $hole) => $hole->toMm(), $plan->rail->holes),
        'slid' => $plan->place === null ? null : [$plan->place->left, $plan->place->holds, count($plan->place->new)],
        'depth' => array_map(fn (Depth $depth) => $depth->leafBack->total, $plan->depths),
        'guide' => array_map(fn (GuidePlace $guide) => $guide->middle->total, $plan->guides),
        'kg' => round($plan->mass->kg, 3),
        'built' => $plan->making === null ? null : [round($plan->making->kg(), 3), $plan->hangers()->count],
    ];
}

/** What a brief may have otherwise without another place along the wall or another height. */
const ALIKE = [
    'as it is' => [],
    'thick' => ['brief.leaf.thickness' => 46],
    'heavy' => ['brief.leaf.mass_kg' => 88],
    'from the left' => ['brief.rules.rail_left' => 660],
];

/** What gives another place along the wall, and another height where it says so. */
const OTHERWISE = [
    'higher' => ['brief.rules.gap' => 40],
    'inset' => ['brief.rules.hanger_inset' => 130],
    'with a shoe' => ['brief.rules.guide' => 'shoe'],
    'with a fin' => ['brief.rules.guide' => 'fin'],
    'three hangers' => ['brief.rules.hangers' => 3],
    'wider' => [],
    'taller' => [],
];

/** How much wider and higher a leaf is, mm. */
const SIZED = ['wider' => [9, 0], 'taller' => [0, 13]];

function briefOf(string $name, array $changes): Brief
{
    return DoorwayReader::read(Doorways::document($name, $changes))->brief;
}

/** The same leaf, built of the same: where it is not told otherwise, or wider or higher. */
function leafOf(Plan $plan, string $way, Brief $told): LeafBrief
{
    $leaf = str_contains(implode(' ', array_keys([...ALIKE, ...OTHERWISE][$way])), 'brief.leaf')
        ? $told->leaf
        : $plan->doorway->brief->leaf;
    $more = SIZED[$way] ?? null;

    return $more === null ? $leaf : $leaf->sized(
        $plan->layout->width->size->total->plus(Length::mm($more[0])),
        $plan->heights->leaf->size->total->plus(Length::mm($more[1])),
        null,
    );
}

test('a doorway is planned by many briefs in one workshop as it was approved', function (
    string $called,
    array $around,
) {
    [$name, $changes] = Doorways::ofEveryKind()[$called];
    $changes = [...$changes, ...$around];
    $planned = Doorways::plan($name, $changes);
    $doorway = $planned->doorway;
    $workshop = Workshop::at($doorway);
    $kits = Doorways::kits();
    $own = $doorway->brief->kit;
    $told = [];
    foreach ([[$own, [...ALIKE, ...OTHERWISE]], ['flat-40-top', ['as it is' => []]]] as [$kit, $ways]) {
        foreach ($ways as $way => $more) {
            foreach ([Backing::Header, Backing::Direct, Backing::SiteDrilled, Backing::Auto] as $backing) {
                $read = briefOf($name, [...$changes, ...$more]);
                $leaf = leafOf($planned, $way, $read);
                $brief = $read->choosing($read->hang, $read->opens, $kit, $backing, $leaf, $read->rules);
                $along = $way === 'higher' || isset(ALIKE[$way]) ? $kit : "{$kit} {$way}";
                $up = isset(ALIKE[$way]) ? $kit : "{$kit} {$way}";
                $plan = $workshop->plan($brief, $kits[$kit], $along, $up);
                $told["{$kit}, {$way}, {$backing->value}"] = inShort($plan);
            }
        }
    }

    Approved::holds('Planner/many briefs/'.implode(' ', [$called, ...array_keys($around)]), $told);
})->with([
    'on studs' => ['kiln-room', []],
    'before blocking' => ['kiln-room', ['survey.solids' => [
        (object) ['kind' => 'blocking', 'x' => [600, 2900], 'y' => [2150, 2250]],
    ]]],
    'before a cable' => ['kiln-room', ['survey.hazards' => [
        (object) ['kind' => 'cable', 'x' => [1600, 1630], 'y' => [0, 2205]],
    ]]],
    'beside a shelf' => ['kiln-room', ['survey.obstacles' => [
        (object) ['kind' => 'shelf', 'x' => [2500, 2600], 'y' => [0, 1100], 'projection' => 120],
    ]]],
    'in masonry' => ['loading-bay', []],
    'framed' => ['kiln-room framed', []],
    'planked' => ['kiln-room planked', []],
]);

test('leaves that are built otherwise are each built by themselves', function () {
    $ways = array_filter(array_keys(Doorways::ofEveryKind()), fn (string $called) => preg_match(
        '/^kiln-room (framed|planked|joined|glazed)$/',
        $called,
    ) === 1);
    $workshop = Workshop::at(Doorways::plan()->doorway);
    $told = [];
    foreach ($ways as $called) {
        [$name, $changes] = Doorways::ofEveryKind()[$called];
        $brief = briefOf($name, $changes);
        $told[$called] = inShort($workshop->plan($brief, Doorways::kits()['flat-40-strap'], 'a', 'u'));
    }

    expect(count($told))->toBeGreaterThan(2);
    Approved::holds('Planner/built otherwise', $told);
});
