<?php

declare(strict_types=1);

use Eris\Generators;
use Tests\Core\Support\Plain;
use YokeLine\Drawing\Affine;
use YokeLine\Drawing\MeasuredWall;
use YokeLine\Drawing\WallSketch;
use YokeLine\Format\Document;
use YokeLine\Format\DoorwayReader;
use YokeLine\Measure\Unit;
use YokeLine\Survey\Readings;
use YokeLine\Survey\Walk;

uses(Eris\TestTrait::class);

/** @param  array<string, int>  $told */
function readingsOf(array $told): Readings
{
    $document = Document::fromJson('{}');
    foreach ($told as $place => $value) {
        $document = $document->with("survey.{$place}", $value);
    }

    return Readings::in($document, Unit::Millimetre);
}

/**
 * @param  array{Affine, Affine}  $point
 * @return array{float, float}
 */
function placed(array $point, Readings $readings): array
{
    return array_map(
        fn (Affine $at) => round($at->at(fn (string $place) => WallSketch::drawn($readings, $place)), 6),
        $point,
    );
}

test('a coordinate follows its readings', function () {
    $at = Affine::of('a')->times(2.0)->plus(Affine::of('b'), 10.0)->minus(Affine::of('a'));

    expect($at->at(fn (string $place) => ['a' => 3.0, 'b' => 4.0][$place]))
        ->toBe(17.0)
        ->and($at->places())
        ->toBe(['a', 'b'])
        ->and(Affine::mm(10)->towards(Affine::mm(20), 0.25)->mm)
        ->toBe(12.5);
});

test('an unmeasured wall is a usual one, with the opening in it', function () {
    [$nothing, $outline] = [readingsOf([]), array_column((new WallSketch())->outline(), 1, 0)];
    $corners = array_map(fn (array $corner) => placed($corner, $nothing), $outline['opening']);

    expect($corners)->toBe([[1300.0, 0.0], [1300.0, 2050.0], [2200.0, 2050.0], [2200.0, 0.0]])
        ->and(placed($outline['wall'][2], $nothing))
        ->toBe([4000.0, 2480.0]);
});

test('what is told moves what is not', function () {
    $readings = readingsOf(['opening.left' => 3000, 'opening.width[0]' => 1000]);

    expect(WallSketch::drawn($readings, 'survey.wall.to'))->toBe(5800.0);
});

test('each dimension is as long as its reading', function () {
    $this->forAll(
        Generators::choose(300, 2000),
        Generators::choose(600, 1500),
        Generators::choose(1900, 2400),
        Generators::choose(20, 120),
    )->then(function (int $left, int $width, int $height, int $casing) {
        $told = [
            'wall.from' => 0,
            'wall.to' => $left + $width + 1500,
            'wall.ceiling' => $height + 500,
            'wall.crown.drop' => 80,
            'opening.left' => $left,
            'opening.width[0]' => $width,
            'opening.width[1]' => $width,
            'opening.width[2]' => $width,
            'opening.height[0]' => $height,
            'opening.height[1]' => $height - 3,
            'opening.casing.left' => $casing,
            'opening.casing.right' => $casing + 5,
            'opening.casing.head' => $casing + 9,
            'baseboard.height' => 100,
        ];
        $readings = readingsOf($told);
        foreach ((new WallSketch())->dimensions() as $place => [$hook, $read]) {
            [$from, $to] = [placed($hook, $readings), placed($read, $readings)];

            expect(hypot($to[0] - $from[0], $to[1] - $from[1]))
                ->toEqualWithDelta($told[substr($place, strlen('survey.'))], 1e-6, $place);
        }
    });
});

test('all that is asked in the walk has its place in the picture', function () {
    $sketch = new WallSketch();
    $dimensions = $sketch->dimensions();
    foreach (Walk::all() as $asked) {
        $at = $dimensions[$asked->place][1] ?? $sketch->spot(strtok($asked->place, '[') ?: '');

        expect(placed($at, readingsOf([]))[1])->toBeBetween(-100.0, 2480.0, $asked->place);
    }
});

test('no two numbers of a measured wall stand on each other', function (int $left, int $width, int $right) {
    $document = Document::fromJson('{"format":"yoke-line/doorway","version":1}');
    foreach (
        [
            'wall.from' => 0,
            'wall.to' => $left + $width + $right,
            'wall.ceiling' => 2610,
            'opening.left' => $left,
            'opening.width' => [$width, $width, $width],
            'opening.height' => [2050, 2052],
            'opening.casing' => ['left' => 70, 'right' => 70, 'head' => 70, 'thickness' => 16],
            'baseboard' => ['height' => 95, 'thickness' => 12],
        ] as $place => $value
    ) {
        $document = $document->with("survey.{$place}", $value);
    }
    $readings = Readings::in($document, Unit::Millimetre);
    $scene = MeasuredWall::of(DoorwayReader::read($document), null, $readings, new Plain());
    $boxes = [];
    foreach ($scene->shapes as $dim) {
        foreach ($dim->inside as $shape) {
            if ($shape->layer === 'ground') {
                $boxes[(string) $dim->attributes['data-dim']] = array_map(floatval(...), $shape->attributes);
            }
        }
    }
    foreach ($boxes as $one => $p) {
        foreach ($boxes as $other => $q) {
            $isOver =
                $one < $other &&
                $p['x'] < $q['x'] + $q['width'] &&
                $q['x'] < $p['x'] + $p['width'] &&
                $p['y'] + 12 < $q['y'] + $q['height'] &&
                $q['y'] + 12 < $p['y'] + $p['height'];
            expect($isOver)->toBeFalse("{$one} over {$other}");
        }
    }
})->with([
    'room on both sides' => [1300, 900, 1800],
    'little on the right' => [1700, 760, 700],
    'little on the left' => [700, 860, 1900],
    'wide' => [1900, 1800, 2000],
]);
