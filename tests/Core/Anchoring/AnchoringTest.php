<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Anchoring\Anchoring;
use YokeLine\Anchoring\BoardPieces;
use YokeLine\Format\AnchoringWriter;
use YokeLine\Format\Document;
use YokeLine\Format\DoorwayReader;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\Severity;
use YokeLine\Planning\Plan;
use YokeLine\Planning\Planner;
use YokeLine\Setout;

/** @return array<string, mixed> a worked example: `document` in, `result` out, and what `cures` do */
function worked(string $name): array
{
    return json_decode((string) file_get_contents(__DIR__."/../Support/anchoring/{$name}.json"), true, flags: JSON_THROW_ON_ERROR);
}

/** @param  array<string, mixed>  $changes */
function exampleOf(string $name, array $changes = []): Document
{
    $document = Document::fromJson((string) json_encode(worked($name)['document']));
    foreach ($changes as $place => $value) {
        $document = $document->with($place, $value);
    }

    return $document;
}

/** @param  array<string, mixed>  $changes */
function planned(string $name, array $changes = []): Plan
{
    $doorway = DoorwayReader::read(exampleOf($name, $changes));

    return Planner::plan($doorway, Doorways::kits()[$doorway->brief->kit]);
}

/** Every place where two results differ: lengths by more than 1e-6, forces and utilisations by more than half a percent. @return list<string> */
function differences(mixed $is, mixed $wanted, string $place = ''): array
{
    if (is_array($wanted)) {
        if (! is_array($is) || (array_is_list($wanted) && count($is) !== count($wanted))) {
            return ["{$place} is not of that shape"];
        }

        return array_merge([], ...array_map(fn (int|string $key) => array_key_exists($key, $is) ? differences($is[$key], $wanted[$key], "{$place}.{$key}") : ["{$place}.{$key} is missing"], array_keys($wanted)));
    }
    if (is_numeric($wanted)) {
        $isForce = preg_match('/reaction|shear|tension|allow|utilisation|bearing|EI|_N|deflection\.greatest/', $place) === 1;

        return is_numeric($is) && abs($is - $wanted) <= ($isForce ? 0.005 * abs($wanted) + 1e-6 : 1e-6) ? [] : ["{$place} is ".json_encode($is).', wanted '.json_encode($wanted)];
    }

    return $is === $wanted ? [] : ["{$place} is ".json_encode($is).', wanted '.json_encode($wanted)];
}

test('a worked example of anchoring comes out', function (string $name) {
    $plan = planned($name);
    $is = AnchoringWriter::write(Anchoring::of($plan));
    $wanted = array_intersect_key(worked($name)['result'], ['fixings' => 1, 'anchoring' => 1]);
    // Where several places bend, or are worked, alike, either may be named.
    foreach (['deflection.at', 'deflection.left_wheel_at', 'worst.x', 'worst.y', 'worst.kind'] as $alike) {
        [$group, $key] = explode('.', $alike);
        unset($wanted['anchoring'][$group][$key]);
    }

    expect(differences($is, $wanted))->toBe([])
        ->and($plan->rail->span->low->toMm())->toBe((float) worked($name)['result']['rail']['left'])
        ->and(differences(array_map(fn ($hole) => $hole->toMm(), $plan->rail->holes), worked($name)['result']['rail_holes']))->toBe([]);
})->with(['catches', 'kiln-room', 'reclaim-bay', 'glaze-store', 'glaze-store-header']);

test('what a change does to the hardest worked fixing comes out', function (string $name) {
    foreach (worked($name)['cures'] as $cure) {
        $worst = Anchoring::of(planned($name, $cure['change']))->worst();

        expect($worst?->utilisation)->toEqualWithDelta($cure['worst']['utilisation'], 0.005 * $cure['worst']['utilisation'], $cure['says']);
    }
})->with(['catches', 'kiln-room', 'glaze-store']);

test('the findings of a worked example come out, before and after each change', function (string $name) {
    $geometry = ['floor-falls', 'guide-window', 'hanger-solid', 'mass-assumed'];
    $codes = fn (Document $document) => array_values(array_diff(array_map(fn (Finding $finding) => $finding->code, array_filter(Setout::quick($document, Doorways::kits())->findings, fn (Finding $finding) => $finding->severity !== Severity::Ok)), [...$geometry, 'bolt-short']));
    expect($codes(exampleOf($name)))->toEqualCanonicalizing(array_column(worked($name)['result']['findings'], 'code'));
    foreach (worked($name)['cures'] ?? [] as $cure) {
        expect($codes(exampleOf($name, $cure['change'])))->toEqualCanonicalizing($cure['findings'], $cure['says']);
    }
})->with(['catches', 'kiln-room', 'reclaim-bay', 'glaze-store', 'glaze-store-header']);

test('auto takes the wall where the holes meet the kit’s spacing, and a header where not', function () {
    expect(planned('catches')->header)->toBeNull()->and(planned('glaze-store', ['brief.backing' => 'auto'])->header)->not->toBeNull();
});

test('a rail set by hand lies where it was set, and is judged there', function () {
    $plan = planned('catches', ['brief.rules.rail_left' => 735, 'brief.backing' => 'direct']);

    expect($plan->rail->span->low->toMm())->toBe(735.0)->and(count($plan->place?->hitPlaces ?? []))->toBe(3);
});

test('brackets that are set freely stand on studs, each at least so far from the next', function () {
    $plan = Doorways::plan('kiln-room', ['brief.kit' => 'round-22-free', 'brief.backing' => 'direct']);
    $places = array_map(fn ($x) => $x->toMm(), $plan->rail->holes);
    $gaps = array_map(fn (float $a, float $b) => $b - $a, array_slice($places, 0, -1), array_slice($places, 1));

    expect(array_diff($places, [390.0, 790.0, 886.0, 1788.0, 1990.0, 2390.0, 2790.0, 3190.0]))->toBe([])->and(min($gaps))->toBeGreaterThanOrEqual(150.0);
});

test('nothing is drilled in the zone of a cable, and sliding past it is offered', function () {
    $document = Doorways::document('kiln-room', ['brief.header.thickness' => 38, 'survey.hazards' => [['kind' => 'cable', 'x' => [1990, 1990], 'y' => [0, 2600]]]]);
    $setout = Setout::of($document, Doorways::kits());
    $finding = array_values(array_filter($setout->findings, fn (Finding $finding) => $finding->code === 'cable-behind'))[0];
    $anchoring = Anchoring::of($setout->plan);

    expect(array_filter($anchoring->fixings, fn ($fixing) => abs($fixing->x->toMm() - 1990) < 50))->toBe([])
        ->and($finding->cures[0]->changes['brief.rules.rail_left'])->toBe('775');
});

test('a masonry anchor is reckoned by its own sheet, and without one is not checked', function () {
    $masonry = ['brief.backing' => 'masonry', 'survey.wall.lining' => ['kind' => 'masonry', 'thickness' => 15]];
    expect(Setout::quick(Doorways::document('kiln-room', $masonry), Doorways::kits())->has('not-checked'))->toBeTrue();
    $sheet = ['brief.anchor' => ['kind' => 'sleeve', 'diameter' => 8, 'embedment' => 60, 'tension_N' => 2500, 'shear_N' => 2000]];
    $fixing = Anchoring::of(Doorways::plan('kiln-room', [...$masonry, ...$sheet]))->fixings[0];

    expect($fixing->utilisation)->toEqualWithDelta($fixing->shear / 2000 + $fixing->tension / 2500, 1e-9)->and($fixing->length?->toMm())->toBe(120.0);
});

test('washers under the standoffs take pull off the bolts', function () {
    $without = Anchoring::of(planned('catches'))->worst()?->tension;

    expect(Anchoring::of(planned('catches', ['brief.rules.washers' => true]))->worst()?->tension)->toBeLessThan(0.8 * $without);
});

test('a board that is longer than what can be had is jointed on studs, clear of the rail’s bolts', function () {
    $plan = Doorways::plan('kiln-room', ['brief.header.thickness' => 38, 'brief.header.lengths' => [1500]]);
    $pieces = BoardPieces::of($plan, $plan->header);
    $lengths = array_map(fn ($length) => $length->toMm(), $pieces->lengths($plan->header));

    expect(array_map(fn ($x) => $x->toMm(), $pieces->joints))->toBe([1788.0])->and(array_sum($lengths))->toBe(2250.0)->and(max($lengths))->toBeLessThanOrEqual(1500.0);
});

test('a board that no stud lets be jointed is said so', function () {
    expect(Setout::quick(Doorways::document('kiln-room', ['brief.header.lengths' => [600]]), Doorways::kits())->has('board-joint'))->toBeTrue();
});
