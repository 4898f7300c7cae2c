<?php

declare(strict_types=1);

use Eris\Generators;
use Tests\Core\Support\Camera;
use YokeLine\Measure\Length;
use YokeLine\Survey\Photo;
use YokeLine\Survey\PhotoPoint;
use YokeLine\Survey\UnusablePhoto;

uses(Eris\TestTrait::class);

const OPENING = [[905, 0], [905, 2053], [1767, 2050], [1767, 0]];

/** @param  list<array{int, int}>  $corners */
function photographed(Camera $camera, array $corners = OPENING): Photo
{
    return Photo::of(array_map(fn (array $at) => $camera->point(...$at), $corners));
}

test('from the corners of the opening the whole wall is true to half a millimetre', function (Camera $camera) {
    $photo = photographed($camera);
    foreach (range(100, 3500, 340) as $x) {
        foreach (range(0, 2600, 260) as $y) {
            $at = $photo->onWall(...$camera->sees($x, $y));

            expect(hypot($at->x->toMm() - $x, $at->y->toMm() - $y))->toBeLessThan(0.5, "{$x}, {$y}");
        }
    }
})->with([
    'square on' => [new Camera()],
    'from the left, turned to it' => [new Camera(x: 300, turned: 0.3)],
    'from the right, looking up' => [new Camera(x: 2500, y: 1100, turned: -0.25, tilted: 0.2)],
    'near, and leaning' => [new Camera(out: 2400, leaning: 0.12)],
]);

test('from the picture to the wall and back is where one was', function () {
    $this->forAll(
        Generators::choose(-600, 600),
        Generators::choose(-250, 250),
        Generators::choose(-200, 200),
        Generators::choose(-250, 250),
        Generators::tuple(Generators::choose(0, 3640), Generators::choose(0, 2655)),
    )->then(function (int $aside, int $turned, int $tilted, int $leaning, array $at) {
        $camera = new Camera(
            x: 1400 + $aside,
            turned: $turned / 1000,
            tilted: $tilted / 1000,
            leaning: $leaning / 1000,
        );
        $photo = photographed($camera);
        [$across, $down] = $photo->inPicture(Length::mm($at[0]), Length::mm($at[1]));
        $back = $photo->onWall($across, $down);

        expect($back->x->toMm())
            ->toEqualWithDelta($at[0], 0.1)
            ->and($back->y->toMm())
            ->toEqualWithDelta($at[1], 0.1);
    });
});

test('four points leave nothing over; more tell how far they are off', function () {
    $camera = new Camera(turned: 0.15);
    $off = [2, -1, 3, -3, 1, -2, 2, -1];
    $points = [];
    foreach ([...OPENING, [0, 0], [0, 2655], [3640, 0], [3640, 2655]] as $i => $at) {
        $points[] = $camera->point($at[0], $at[1], $off[$i] / 1500, $off[7 - $i] / 1500);
    }

    expect(photographed($camera)->off)
        ->toBe(0.0)
        ->and(Photo::of($points)->off)
        ->toBeBetween(4.0, 25.0);
});

test('more points are nearer the truth than four of them alone', function () {
    $camera = new Camera(turned: -0.2, tilted: 0.1);
    $all = [...OPENING, [0, 0], [0, 2655], [3640, 0], [3640, 2655], [1336, 2052]];
    $wrong = fn (array $corners, int $seed): float => (function () use ($corners, $camera, $seed) {
        mt_srand($seed);
        $tapped = array_map(
            fn (array $at) => $camera->point($at[0], $at[1], mt_rand(-20, 20) / 10000, mt_rand(-20, 20) / 10000),
            $corners,
        );
        $at = Photo::of($tapped)->onWall(...$camera->sees(3000, 1200));

        return hypot($at->x->toMm() - 3000, $at->y->toMm() - 1200);
    })();
    $sum = fn (array $corners) => array_sum(array_map(fn (int $seed) => $wrong($corners, $seed), range(1, 40)));

    expect($sum($all))->toBeLessThan(0.6 * $sum(OPENING));
});

test('the plus-minus holds what taps are off, nine times of ten', function () {
    $camera = new Camera(turned: 0.1);
    $all = [...OPENING, [0, 0], [0, 2655], [3640, 0], [3640, 2655]];
    $held = 0;
    mt_srand(7);
    foreach (range(1, 100) as $ignored) {
        $tapped = array_map(
            fn (array $at) => $camera->point($at[0], $at[1], mt_rand(-15, 15) / 10000, mt_rand(-15, 15) / 10000),
            $all,
        );
        $at = Photo::of($tapped)->onWall(...$camera->sees(2300, 1150));
        $held += abs($at->x->toMm() - 2300) <= $at->plusMinus->toMm() ? 1 : 0;
    }

    expect($held)->toBeGreaterThanOrEqual(90);
});

test('a place is less sure where less of the picture shows it', function () {
    $camera = new Camera(x: 200, turned: 0.35);
    $photo = photographed($camera);
    $near = $photo->onWall(...$camera->sees(400, 1000));
    $far = $photo->onWall(...$camera->sees(3400, 1000));

    expect($far->plusMinus->toMm())->toBeGreaterThan($near->plusMinus->toMm());
});

test('points that tell no plane are refused', function (array $points, string $how) {
    $camera = new Camera(turned: 0.1);
    $picture = fn (array $at) => $at[2] ?? $camera->sees($at[0], $at[1]);
    $made = array_map(
        fn (array $at) => new PhotoPoint(...$picture($at), x: Length::mm($at[0]), y: Length::mm($at[1])),
        $points,
    );

    expect(fn () => Photo::of($made))->toThrow(fn (UnusablePhoto $refused) => expect($refused->how)->toBe($how));
})->with([
    'three' => [[[0, 0], [900, 0], [900, 2000]], 'too-few'],
    'all along the floor' => [[[0, 0], [900, 0], [1800, 0], [3000, 0]], 'in-a-line'],
    'three of four in a line' => [[[0, 0], [900, 0], [1800, 0], [900, 2000]], 'in-a-line'],
    'two corners changed over' => [
        [[905, 0, [0.3, 0.8]], [905, 2053, [0.6, 0.8]], [1767, 2050, [0.6, 0.2]], [1767, 0, [0.3, 0.2]]],
        'crossed',
    ],
    'seen in a mirror' => [
        [[905, 0, [0.6, 0.8]], [905, 2053, [0.6, 0.2]], [1767, 2050, [0.3, 0.2]], [1767, 0, [0.3, 0.8]]],
        'crossed',
    ],
    'the same point four times' => [array_fill(0, 4, [900, 900]), 'in-a-line'],
]);

test('what lies past the horizon is not on the wall', function () {
    $photo = photographed(new Camera(x: -2500, out: 1500, turned: 1.0));

    expect(fn () => $photo->onWall(40.0, 0.3))->toThrow(UnusablePhoto::class);
});
