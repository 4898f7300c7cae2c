<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Doorway\KitPart;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;
use YokeLine\Recovery\Surveyed;
use YokeLine\Stock\Material;
use YokeLine\Stock\Materials;
use YokeLine\Work\After;
use YokeLine\Work\Order;
use YokeLine\Work\PartWaits;

function without(array ...$parts): Plan
{
    return Doorways::plan('kiln-room', ['survey.parts' => $parts]);
}

/** @return array<string, list<string>> by step, everything it comes after, however far before */
function allBefore(Plan $plan): array
{
    $steps = Order::of($plan)->steps;
    $all = [];
    foreach ($steps as $id => $step) {
        $direct = array_map(fn (After $after) => $after->step, $step->after);
        $all[$id] = array_values(
            array_unique(array_merge($direct, ...array_map(fn (string $before) => $all[$before] ?? [], $direct))),
        );
    }

    return $all;
}

test('a part that is missing opens a line, as many as are missing', function () {
    $lines = fn (Plan $plan) => array_values(
        array_filter(Materials::of($plan), fn (Material $line) => $line->id->kind->value === 'kit-part'),
    );

    expect($lines(without()))
        ->toBe([])
        ->and($lines(without(['part' => 'stops', 'count' => 2]))[0]->count)
        ->toEqual(2)
        ->and(count($lines(without(['part' => 'stops'], ['part' => 'discs', 'how' => 'wrong']))))
        ->toBe(2);
});

test('the steps that need a part wait for it, and no other does', function (KitPart $part) {
    $before = allBefore(without(['part' => $part->value]));
    foreach ($before as $id => $all) {
        $kind = explode('.', $id)[0];
        $needs = in_array($kind, array_column(PartWaits::of($part), 'value'), true);
        expect(! $needs || in_array("part-comes.{$part->value}", $all, true))->toBeTrue($id);
    }
    expect($before['mark-wall'])->not->toContain("part-comes.{$part->value}");
})->with(KitPart::cases());

test('nothing waits where nothing is missing', function () {
    expect(array_filter(array_keys(Order::of(without())->steps), fn (string $id) => str_starts_with($id, 'part-')))
        ->toBe([]);
});

test('it waits once for a part of which the box lacks some and has some wrong', function () {
    $ids = array_keys(Order::of(without(['part' => 'stops'], ['part' => 'stops', 'how' => 'wrong']))->steps);

    expect(array_values(array_filter($ids, fn (string $id) => str_starts_with($id, 'part-'))))
        ->toBe(['part-comes.stops']);
});

test('what is found missing on site stands in the survey, by whom and when; told again it is the same', function () {
    $found = fn ($document, array $told) => Surveyed::in(
        $document,
        Unit::Millimetre,
        'part',
        $told,
        'Ines',
        '2026-05-04T09:00:00Z',
    );
    $once = $found(Doorways::document(), ['part' => 'stops', 'count' => '2', 'how' => 'missing']);
    $twice = $found($once, ['part' => 'stops', 'count' => '1', 'how' => 'wrong']);

    expect((array) $once->get('survey.parts[0]'))
        ->toBe([
            'part' => 'stops',
            'count' => 2,
            'how' => 'missing',
            'source' => 'site',
            'found_by' => 'Ines',
            'found_at' => '2026-05-04T09:00:00Z',
        ])
        ->and($twice->get('survey.parts'))
        ->toHaveCount(1)
        ->and($twice->get('survey.parts[0].how'))
        ->toBe('wrong');
});
