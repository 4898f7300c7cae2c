<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Camera;
use Tests\Core\Support\Doorways;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Survey\Agreement;
use YokeLine\Survey\KnownPoint;
use YokeLine\Survey\Photo;
use YokeLine\Survey\PhotoPoint;
use YokeLine\Survey\Readings;
use YokeLine\Survey\UnusablePhoto;
use YokeLine\Survey\Walk;

/* What is asked on the walk along a wall, and what can hardly be true. */

test('the walk is as it was approved', function () {
    Approved::holds('Survey/walk', Walk::all());
});

test('what does not agree is told as it was approved', function (string $name, int $off) {
    $document = Doorways::document($name);
    $units = Doorways::plan($name)->doorway->units;
    $said = [];
    foreach (Walk::lengths() as $place) {
        $is = $document->get($place);
        $wrong = is_numeric($is) ? $document->with($place, $is + $off) : $document;
        $said[$place] = Agreement::askedOf(Readings::in($wrong, $units));
    }

    Approved::holds("Survey/agreement/{$name} {$off}", $said);
})->with(['kiln-room', 'map-archive', 'slip-store'])->with([-400, -30, 25, 900]);

test('what a photograph is held against is as it was approved', function (string $name) {
    Approved::holds("Survey/known/{$name}", KnownPoint::of(Doorways::plan($name)->doorway->survey));
})->with(['kiln-room', 'map-archive', 'slip-store', 'in throwing-room']);

test('from which size on a reading can hardly be true is as it was approved', function () {
    $document = Doorways::document('throwing-room');
    $asked = [];
    foreach (Walk::lengths() as $place) {
        foreach ([
            0, 119, 120, 121, 299, 300, 400, 401, 1499, 1500, 1799, 1800, 4500, 4501, 6000, 6001, 12000, 12001,
        ] as $mm) {
            $readings = Readings::in($document->with($place, $mm), Unit::Millimetre);
            $asked[$place][$mm] = count(Agreement::askedOf($readings));
        }
    }

    Approved::holds('Survey/bounds', $asked);
});

test('what a photograph is true to is as it was approved', function (string $of, Camera $camera) {
    $corners = [[905, 0], [905, 2053], [1767, 2050], [1767, 0], [0, 0], [0, 2655], [3640, 0], [3640, 2655]];
    $told = [];
    foreach ([4, 5, 8] as $count) {
        foreach ([0.0, 0.002] as $off) {
            $photo = Photo::of(array_map(
                fn (array $at, int $n) => $camera->point($at[0], $at[1], $off * cos($n), $off * sin(2 * $n)),
                array_slice($corners, 0, $count),
                range(1, $count),
            ));
            $told["{$count} points, {$off} off"] = [
                $photo->points, $photo->offBy(), round($photo->off, 3),
                array_map(fn (array $at) => $photo->onWall(...$at), [[0.2, 0.3], [0.5, 0.375], [0.9, 0.7]]),
                array_map(fn (int $x) => $photo->inPicture(Length::mm($x), Length::mm(1000)), [100, 1700, 3500]),
            ];
        }
    }

    Approved::holds("Survey/photo/{$of}", $told);
})->with([
    ['square on', new Camera()], ['turned', new Camera(x: 300, turned: 0.3)],
    ['looking up', new Camera(x: 2500, y: 1100, turned: -0.25, tilted: 0.2)],
    ['leaning', new Camera(out: 2400, leaning: 0.12)],
]);

test('points that say nothing of a wall are refused, and why', function (array $points, string $why) {
    $at = fn (array $point) => new PhotoPoint($point[0], $point[1], Length::mm($point[2]), Length::mm($point[3]));

    expect(fn () => Photo::of(array_map($at, $points)))->toThrow(UnusablePhoto::class, $why);
})->with([
    'in a line in the picture' => [
        [[0.1, 0.1, 0, 0], [0.2, 0.2, 900, 0], [0.3, 0.3, 900, 2000], [0.4, 0.4, 0, 2000]], 'in-a-line',
    ],
    'in a line on the wall' => [
        [[0.1, 0.1, 0, 0], [0.9, 0.1, 500, 0], [0.9, 0.7, 1000, 0], [0.1, 0.7, 1500, 0]], 'in-a-line',
    ],
]);
