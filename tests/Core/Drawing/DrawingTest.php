<?php

declare(strict_types=1);

use Eris\Generators;
use Tests\Core\Support\Doorways;
use Tests\Core\Support\Plain;
use YokeLine\Drawing\Above;
use YokeLine\Drawing\Elevation;
use YokeLine\Drawing\Labels;
use YokeLine\Drawing\MeasuredWall;
use YokeLine\Drawing\Section;
use YokeLine\Drawing\Svg;
use YokeLine\Format\DoorwayReader;
use YokeLine\Measure\Unit;
use YokeLine\Survey\Readings;

uses(Eris\TestTrait::class);

/** Attributes of the first shape of a layer. @return array<string, float> */
function shape(string $svg, string $layer): array
{
    $document = new DOMDocument();
    $document->loadXML($svg);
    $node = (new DOMXPath($document))->query("//*[contains(concat(' ', @class, ' '), ' {$layer} ')]")->item(0);
    expect($node)->not->toBeNull($layer);

    return array_map(fn (DOMAttr $attribute) => (float) $attribute->value, iterator_to_array($node->attributes));
}

test('the elevation is true to scale: the leaf is drawn at its own millimetres', function () {
    $plan = Doorways::plan();
    $leaf = shape(Svg::write(Elevation::of($plan, new Plain())), 'leaf');

    expect($leaf['x'])
        ->toBe(857.0)
        ->and($leaf['width'])
        ->toBe(965.0)
        ->and($leaf['height'])
        ->toBe(2138.0)
        ->and($leaf['y'])
        ->toBe(-2150.0);
});

test('the view from above shows depth at its own multiple', function () {
    $plan = Doorways::plan();
    $leaf = shape(Svg::write(Above::of($plan, new Plain())), 'leaf');

    expect($leaf['y'])
        ->toBe(31.0 * Above::DEPTH)
        ->and($leaf['height'])
        ->toBe(40.0 * Above::DEPTH);
});

test('the section is true to scale', function () {
    $plan = Doorways::plan();
    $rail = shape(Svg::write(Section::of($plan, new Plain())), 'rail');

    expect($rail['x'])->toBe(49.0)->and($rail['width'])->toBe(6.0)->and($rail['height'])->toBe(40.0);
});

test('a half-measured doorway is drawn as far as it is known', function () {
    $document = Doorways::document('wedging-room');
    $readings = Readings::in($document, Unit::Millimetre);
    $svg = Svg::write(MeasuredWall::of(DoorwayReader::read($document), null, $readings, new Plain()));

    expect($svg)
        ->toMatch('/class="opening[^"]*" points="820,0 /')
        ->toContain(' usual"')
        ->not->toContain('yoke-line');
});

test('names from a file cannot break out of a drawing', function () {
    $plan = Doorways::plan(
        changes: [
            'survey.obstacles' => [
                ['name' => '"><script>', 'kind' => 'shelf', 'x' => [100, 200], 'y' => [10, 20], 'projection' => 5],
            ],
        ],
    );

    expect(Svg::write(Elevation::of($plan, new Plain())))->not->toContain('<script');
});

test('labels never overlap and keep their order', function () {
    $this->forAll(Generators::seq(Generators::tuple(Generators::choose(0, 3000), Generators::choose(20, 200))))->then(
        function (array $labels) {
            usort($labels, fn (array $a, array $b) => $a[0] <=> $b[0]);
            $sizes = array_map(floatval(...), array_column($labels, 1));
            $centres = Labels::spread(array_map(floatval(...), array_column($labels, 0)), $sizes);
            expect(count($centres))->toBe(count($labels));
            for ($i = 1; $i < count($centres); $i++) {
                expect($centres[$i] - $centres[$i - 1])->toBeGreaterThanOrEqual(
                    ($sizes[$i] + $sizes[$i - 1]) / 2 - 1e-6,
                );
            }
        },
    );
});

test('labels stay between the ends they are given, where they fit', function () {
    $this->forAll(Generators::seq(Generators::choose(0, 1000)))->then(function (array $wanted) {
        sort($wanted);
        $wanted = array_slice($wanted, 0, 20);
        $centres = Labels::spread(array_map(floatval(...), $wanted), array_fill(0, count($wanted), 50.0), 0.0, 1000.0);
        expect(count($centres))->toBe(count($wanted));
        foreach ($centres as $i => $centre) {
            expect($centre)
                ->toBeGreaterThanOrEqual(25.0 + 50.0 * $i - 1e-6)
                ->toBeLessThanOrEqual(1000.0 - 25.0 - 50.0 * (count($centres) - 1 - $i) + 1e-6);
        }
    });
});

test('labels with room stay at their marks', function () {
    expect(Labels::spread([100.0, 300.0], [50.0, 50.0]))->toBe([100.0, 300.0]);
});
