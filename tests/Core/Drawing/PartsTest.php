<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use Tests\Core\Support\Plain;
use YokeLine\Drawing\AtGuide;
use YokeLine\Drawing\AtHanger;
use YokeLine\Drawing\AtStop;
use YokeLine\Drawing\Callouts;
use YokeLine\Drawing\LeafCard;
use YokeLine\Drawing\Scene;
use YokeLine\Drawing\Shape;

/** @return list<Shape> of one layer, in a scene */
function onLayer(Scene $scene, string $layer): array
{
    return array_values(array_filter($scene->shapes, fn (Shape $shape) => $shape->layer === $layer));
}

function inMillimetres(): Plain
{
    return new Plain();
}

test('every stop of the rail is drawn once', function (string $name) {
    $plan = Doorways::plan($name);

    expect(AtStop::each($plan, inMillimetres()))->toHaveCount(count($plan->layout->stops));
})->with(['kiln-room', 'glaze-store', 'map-archive', 'reclaim-bay']);

test('a stop lies outside its face with its buffer towards the leaf', function () {
    [[, $shut], [, $open]] = AtStop::each(Doorways::plan('kiln-room'), inMillimetres());
    [$body, $buffer] = [onLayer($shut, 'stop-block')[0]->attributes, onLayer($shut, 'buffer')[0]->attributes];
    expect((float) $body['x'] + (float) $body['width'])
        ->toEqualWithDelta(887, 0.001)
        ->and((float) $buffer['x'])
        ->toEqualWithDelta(887, 0.001);

    [$body, $buffer] = [onLayer($open, 'stop-block')[0]->attributes, onLayer($open, 'buffer')[0]->attributes];
    expect((float) $body['x'])
        ->toEqualWithDelta(2704, 0.001)
        ->and((float) $buffer['x'] + (float) $buffer['width'])
        ->toEqualWithDelta(2704, 0.001);
});

test('shut, the trigger stands its stroke inside the catch', function () {
    [, $shut] = AtStop::each(Doorways::plan('kiln-room'), inMillimetres())[0];
    [$catch, $trigger] = [onLayer($shut, 'catch')[0]->attributes, onLayer($shut, 'trigger')[0]->attributes];

    expect((float) $catch['x'] + (float) $catch['width'] - ((float) $trigger['x'] + 3))->toEqualWithDelta(66, 0.001);
});

test('the guide stands on the floor as it is', function () {
    $plan = Doorways::plan('kiln-room');
    $place = $plan->guides['guide'];
    [, $scene] = AtGuide::along($plan, inMillimetres())[0];
    $guide = onLayer($scene, 'guide')[0]->attributes;
    $floor = $plan->floor->at($place->at);

    expect((float) $guide['y'] + (float) $guide['height'])
        ->toEqualWithDelta(-$floor->toMm() * AtGuide::TALLER, 0.001)
        ->and((float) $guide['width'])
        ->toEqualWithDelta(38, 0.001);
});

test('words over a drawing cross no line that leads to another', function () {
    [$shapes] = Callouts::above([['first', 10.0, 0.0], ['second', 40.0, 0.0], ['third', 90.0, 0.0]], -20.0, 10.0, 1);
    $lines = array_filter($shapes, fn (Shape $shape) => $shape->layer === 'leader');
    foreach ($shapes as $text) {
        foreach ($text->kind === 'text' ? $lines : [] as $line) {
            [$foot, $top] = array_map(
                fn (string $point) => array_map(floatval(...), explode(',', $point)),
                array_slice(explode(' ', (string) $line->attributes['points']), 0, 2),
            );
            $crosses = $foot[0] > (float) $text->attributes['x'] && $top[1] < (float) $text->attributes['y'];

            expect($crosses)->toBeFalse("{$text->text} is crossed at {$foot[0]}");
        }
    }
});

test('a shortened leaf card keeps its top true and its numbers', function () {
    $plan = Doorways::plan('kiln-room');
    [$whole, $short] = [
        LeafCard::of($plan, $plan->leaves()['leaf'], inMillimetres()),
        LeafCard::shortened($plan, $plan->leaves()['leaf'], inMillimetres()),
    ];
    $texts = fn (Scene $scene) => array_map(fn (Shape $shape) => $shape->text, onLayer($scene, 'reading'));

    $down = fn (Scene $scene) => array_values(
        array_filter(
            array_map(fn (Shape $shape) => $shape->attributes['cy'] ?? 0.0, onLayer($scene, 'bore')),
            fn (float|string $y) => $y > 0,
        ),
    );

    expect($short->height)
        ->toBeLessThan($whole->height)
        ->and($down($short))
        ->toBe([46.0, 108.0, 46.0, 108.0])
        ->and($down($whole))
        ->toBe($down($short))
        ->and($texts($short))
        ->toEqualCanonicalizing($texts($whole));
});

test('the section at a hanger names every part with the way it faces', function () {
    $said = implode(
        '; ',
        array_map(fn (Shape $shape) => $shape->text, AtHanger::of(Doorways::plan('kiln-room'), inMillimetres())->shapes),
    );

    expect($said)
        ->toContain('standoff-board')
        ->toContain('flat-rail 52')
        ->toContain('strap-out 71')
        ->toContain('top-gap 21');
});

test('nothing of a detail is drawn outside its frame along the wall', function (string $name) {
    foreach (AtStop::each(Doorways::plan($name), inMillimetres()) as [$what, $scene]) {
        foreach ($scene->shapes as $shape) {
            if ($shape->kind === 'rect') {
                expect((float) $shape->attributes['x'])
                    ->toBeGreaterThanOrEqual($scene->left - 0.01, "{$what->how}, {$shape->layer}")
                    ->and((float) $shape->attributes['x'] + (float) $shape->attributes['width'])
                    ->toBeLessThanOrEqual($scene->left + $scene->width + 0.01, "{$what->how}, {$shape->layer}");
            }
        }
    }
})->with(['kiln-room', 'map-archive', 'reclaim-bay']);
