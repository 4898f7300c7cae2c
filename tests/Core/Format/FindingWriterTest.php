<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use Tests\Core\Support\Plain;
use YokeLine\Format\FindingWriter;
use YokeLine\Inspection\Cure;
use YokeLine\Measure\Length;

test('a finding as files have it tells where it is, its lengths in millimetres and its cures whole', function (
    string $code,
    array $changes,
    array $kits = [],
) {
    $findings = Doorways::faulty($changes, $kits)->findings;
    expect($findings)->not->toBe([]);
    foreach ($findings as $finding) {
        $written = FindingWriter::write($finding, (new Plain())->say(...));
        $lengths = array_filter($finding->with, fn (mixed $value) => $value instanceof Length);
        $numbers = (array) $written['numbers'];

        expect([$written['code'], $written['severity'], $written['where']])
            ->toBe([$finding->code->value, $finding->severity->value, $finding->where])
            ->and($written['says'])
            ->not->toBe('')
            ->and(array_intersect_key($numbers, $lengths))
            ->toEqual(array_map(fn (Length $length) => $length->toMm(), $lengths))
            ->and(array_map(fn (array $cure) => (array) $cure['changes'], $written['cures']))
            ->toEqual(array_map(fn (Cure $cure) => $cure->changes, $finding->cures))
            ->and(json_encode($written))
            ->toBeString();
    }
})->with('faults');
