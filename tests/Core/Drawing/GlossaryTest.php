<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use Tests\Core\Support\Plain;
use YokeLine\Drawing\Glossary;
use YokeLine\Drawing\Scene;
use YokeLine\Drawing\Shape;

/** @return list<array{float, float, float, float}> */
function named(Scene $scene): array
{
    return array_merge([], ...array_map(fn (Shape $shape) => $shape->namedBoxes(), $scene->shapes));
}

test('what a word names stands out in its drawing, and is in it', function (string $word) {
    $plan = Doorways::plan(changes: ['survey.wall.crown' => ['drop' => 90, 'projection' => 60]]);
    $scene = Glossary::of($word, $plan, new Plain());
    $boxes = named($scene);
    expect($boxes)->not->toBe([]);
    [$left, $top, $right, $bottom] = $boxes[0];

    expect(($left + $right) / 2)
        ->toBeBetween($scene->left, $scene->left + $scene->width)
        ->and(($top + $bottom) / 2)
        ->toBeBetween($scene->top, $scene->top + $scene->height);
})->with(Glossary::words());

test('a distance is drawn as long as it is', function () {
    $plan = Doorways::plan();
    [$left, , $right] = named(Glossary::of('travel', $plan, new Plain()))[0];

    expect($right - $left)->toBe(array_values($plan->layout->runs)[0]->travel->total->toMm());
});

test('the jambs stand where the plan has them', function () {
    $plan = Doorways::plan();
    [$one, $other] = named(Glossary::of('jamb', $plan, new Plain()));

    expect([($one[0] + $one[2]) / 2, ($other[0] + $other[2]) / 2])->toBe([905.0, 1769.0]);
});
