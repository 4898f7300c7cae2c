<?php

declare(strict_types=1);

use YokeLine\Format\ReadingsCsv;
use YokeLine\Measure\Unit;

test('floor readings come in with their units, columns in any order', function () {
    $read = ReadingsCsv::read("level;x\n0;60 cm\n5;1770\n\n-4;\"2700\"", Unit::Millimetre);

    expect($read->changes)->toBe([
        'survey.floor.readings' => [
            ['x' => '600', 'level' => '0'],
            ['x' => '1770', 'level' => '5'],
            ['x' => '2700', 'level' => '-4'],
        ],
    ]);
});

test('a bad row is named by its line and left out', function () {
    $read = ReadingsCsv::read("x,level\n600,deep\n900,3\n900,4", Unit::Millimetre);

    expect(array_column($read->lines, 'ok'))
        ->toBe([false, true, false])
        ->and(array_column($read->lines, 'line'))
        ->toBe([2, 3, 4])
        ->and($read->changes['survey.floor.readings'])
        ->toHaveCount(1);
});

test('a whole survey comes in by the words of the trade', function () {
    $read = ReadingsCsv::read(
        "place,value\nwall from,0\nWall to,3640\nwidth,862\nwidth,864\nstud,390\nstud,790\nsurvey.opening.casing.head,70",
        Unit::Millimetre,
    );

    expect($read->changes)->toBe([
        'survey.wall.from' => '0',
        'survey.wall.to' => '3640',
        'survey.opening.width' => ['862', '864'],
        'survey.studs' => [['x' => '390'], ['x' => '790']],
        'survey.opening.casing.head' => '70',
    ]);
});

test('what no survey knows is refused at its line', function () {
    $read = ReadingsCsv::read("place,value\nroof,3\nbrief.kit,4", Unit::Millimetre);

    expect($read->isUsable())->toBeFalse()->and($read->lines[0]['says']->how)->toBe('readings-no-place');
});

test('a table without its column names says what they are', function () {
    expect(ReadingsCsv::read("600,0\n900,3", Unit::Millimetre)->lines[0]['says']->how)->toBe('readings-columns');
});

test('a length that nobody can read is named at its line', function (string $table, string $why) {
    $read = ReadingsCsv::read($table, Unit::Millimetre);

    expect(array_column($read->lines, 'ok'))->toBe([false, true])
        ->and($read->lines[0]['says']->how)->toBe($why)
        ->and($read->changes)->toHaveCount(1);
})->with([
    'words' => ["place,value\nwall to,as far as the kiln\nwall from,0", 'length-not'],
    'two ways' => ["place;value\nwall to;3,640\nwall from;0", 'length-two-ways'],
]);

test('a list takes what is written under it in the order of its lines', function () {
    $read = ReadingsCsv::read("place\tvalue\nstud\t790\nstud\t390", Unit::Millimetre);

    expect($read->changes)->toBe(['survey.studs' => [['x' => '790'], ['x' => '390']]]);
});

test('of a table without end so many rows come in, and that it is cut off is told after them', function () {
    $rows = implode("\n", array_map(fn (int $i) => "{$i},0", range(1, 2100)));
    $read = ReadingsCsv::read("x,level\n{$rows}", Unit::Millimetre);

    expect($read->changes['survey.floor.readings'])->toHaveCount(2000)
        ->and($read->lines[2000])->toMatchArray(['line' => 2002, 'ok' => false])
        ->and($read->lines[2000]['says']->how)->toBe('readings-rows');
});

test('a table of as many rows as come in is not called too long', function () {
    $rows = implode("\n", array_map(fn (int $i) => "{$i},0", range(1, 2000)));

    expect(ReadingsCsv::read("x,level\n{$rows}", Unit::Millimetre)->lines)->toHaveCount(2000);
});

test('the mark that some programs begin a table with is no part of its first column', function () {
    expect(ReadingsCsv::read("\xEF\xBB\xBFx,level\n600,0", Unit::Millimetre)->isUsable())->toBeTrue();
});
