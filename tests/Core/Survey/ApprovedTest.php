<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use YokeLine\Survey\Agreement;
use YokeLine\Survey\KnownPoint;
use YokeLine\Survey\Readings;
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
