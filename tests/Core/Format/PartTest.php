<?php

declare(strict_types=1);

use YokeLine\Format\Document;
use YokeLine\Format\PartReader;

/** @param  array<string, mixed>  $of */
function partOf(string $kind, array $of, string $units = 'mm'): PartReader
{
    return PartReader::of(Document::of(['kind' => $kind, 'units' => $units, $kind => (object) $of]));
}

test('a guide is read in the units of its sheet', function () {
    $guide = fn (string $units) => partOf('guide', ['style' => 't-fin', 'length' => 2], $units)->guide();

    expect($guide('mm')->length->toMm())->toEqual(2)
        ->and($guide('in')->length->toMm())->toEqual(50.8)
        ->and($guide('mm')->isBought)->toBeTrue();
});

test('what a guide does not tell is as it usually is', function () {
    $told = partOf('guide', ['style' => 't-fin', 'length' => 44])->guide();
    $bare = partOf('guide', ['style' => 't-fin'])->guide();

    expect($told->length->toMm())->toEqual(44)
        ->and($bare->bladeHeight->nm)->toBe($told->bladeHeight->nm)
        ->and($bare->length->isPositive())->toBeTrue();
});

test('what a doorway takes of a handle is what its sheet tells, and nothing else', function () {
    $told = partOf('handle', ['kind' => 'bar', 'width' => 24, 'height' => 300])->told();

    expect(array_keys($told))->toBe(['kind', 'width', 'height'])
        ->and($told['height']->toMm())->toEqual(300)
        ->and($told['kind'])->toBe('bar');
});

test('a number that does not read is told at its place', function () {
    expect(array_keys(partOf('guide', ['style' => 't-fin', 'length' => 'about four'])->problems()))
        ->toBe(['part.guide.length'])
        ->and(partOf('guide', ['style' => 't-fin', 'length' => 44])->problems())
        ->toBe([]);
});

test('a part of a kind that there is not is told so', function () {
    expect(partOf('moon', [])->problems())->toHaveKey('part.kind');
});

test('what is wrong on the sheet of a part is told of its own kind', function (string $kind, array $of, array $places) {
    expect(array_keys(partOf($kind, $of)->problems()))->toBe($places);
})->with([
    'a guide' => ['guide', ['cheek' => 'high'], ['part.guide.cheek']],
    'a handle' => ['handle', ['width' => 'wide'], ['part.handle.width']],
    'a board' => ['board', ['thickness' => 38], []],
]);
