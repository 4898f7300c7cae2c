<?php

declare(strict_types=1);

use Tests\Core\Support\Diagnosis;
use Tests\Core\Support\Doorways;

/*
 * What is said of every faulty doorway, to the last number: severity, place, values, cures with what they change. It was
 * read over when it was written down. Where a rule changes on purpose: `php tests/Core/Support/diagnose.php`, and read
 * what differs before it is committed.
 */

dataset('diagnoses', function () {
    $path = __DIR__.'/../Support/diagnoses.json';
    foreach (json_decode((string) file_get_contents($path), true, 64, JSON_THROW_ON_ERROR) as $name => $said) {
        yield $name => [$name, $said];
    }
});

test('a faulty doorway is diagnosed as it was', function (string $name, array $said) {
    [, $changes, $kits] = [...Doorways::faults()[$name], []];

    $is = json_decode((string) json_encode(Diagnosis::of(Doorways::faulty($changes, $kits))), true);

    expect($is)->toEqual($said);
})->with('diagnoses');

test('every fault is among the diagnoses', function () {
    $path = __DIR__.'/../Support/diagnoses.json';

    expect(array_keys(json_decode((string) file_get_contents($path), true)))->toBe(array_keys(Doorways::faults()));
});
