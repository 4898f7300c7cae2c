<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\KitCheck;

/* What is said of every faulty doorway, to the last number: severity, place, values, cures with what they change. */

test('a faulty doorway is diagnosed as it was approved', function (string $name) {
    [, $changes, $kits] = [...Doorways::faults()[$name], []];
    $setout = Doorways::faulty($changes, $kits, isProved: false);

    Approved::holds("Inspection/faults/{$name}", [
        $setout->findings, $setout->plan === null ? null : KitCheck::of($setout->plan->kit),
    ]);
})->with(array_keys(Doorways::faults()));

test('a faulty doorway is cured as it was approved', function (string $name) {
    [, $changes, $kits] = [...Doorways::faults()[$name], []];

    Approved::holds("Inspection/cures/{$name}", array_map(
        fn (Finding $finding) => [$finding->code, array_map(fn (Cure $cure) => $cure->code, $finding->cures)],
        Doorways::faulty($changes, $kits)->findings,
    ));
})->with(array_keys(Doorways::faults()));
