<?php

declare(strict_types=1);

use YokeLine\Holding\Scan\FoundStud;
use YokeLine\Holding\Scan\Scan;
use YokeLine\Holding\Scan\SimulatedWall;
use YokeLine\Holding\Scan\Trace;
use YokeLine\Measure\Message;

test('the trace of a known wall gives its studs, its zones, its grid and where to look again', function () {
    $truth = json_decode((string) file_get_contents(__DIR__.'/../Support/anchoring/trace-a.json'), true);
    $trace = Trace::read((string) file_get_contents(__DIR__.'/../Support/anchoring/trace-a.csv'));
    $scan = Scan::of($trace, $truth['opening'], [0.0, 4800.0]);
    foreach ($truth['truth']['studs'] as $stud) {
        $found = array_values(array_filter($scan->studs, fn (FoundStud $one) => abs($one->x - $stud['x']) <= 4));
        expect($found)
            ->toHaveCount(1)
            ->and($found[0]->kind)
            ->toBe($stud['kind'])
            ->and($found[0]->offGrid)
            ->toBe($stud['off_grid']);
    }
    expect($scan->studs)
        ->toHaveCount(count($truth['truth']['studs']))
        ->and($scan->grid?->spacing)
        ->toBe(600.0)
        ->and($scan->zones[0][0])
        ->toBeLessThan(4360.2)
        ->and($scan->zones[0][1])
        ->toBeGreaterThan(4360.2)
        ->and(array_filter($scan->grid->lookAgain, fn (float $x) => abs($x - 2939.9) <= 15))
        ->toHaveCount(1);
});

test('simulated walls are found again: studs within 4, none made up, every live cable in a zone', function () {
    $all = $right = $false = 0;
    foreach (range(1, 30) as $seed) {
        $wall = SimulatedWall::seeded($seed);
        $scan = Scan::of($wall->trace(), $wall->opening, $wall->wall);
        foreach ($wall->studs as $stud) {
            $all++;
            $right += array_filter($scan->studs, fn (FoundStud $one) => abs($one->x - $stud['x']) <= 4) === [] ? 0 : 1;
        }
        $false += count(
            array_filter(
                $scan->studs,
                fn (FoundStud $one) => array_filter($wall->studs, fn (array $stud) => abs($one->x - $stud['x']) <= 15) ===
                    [],
            ),
        );
        foreach ($wall->cables as $cable) {
            expect(
                array_filter($scan->zones, fn (array $zone) => $cable['x'] >= $zone[0] && $cable['x'] <= $zone[1]),
            )->not->toBe([], "seed {$seed}");
        }
    }

    expect($right / $all)
        ->toBeGreaterThanOrEqual(0.99)
        ->and($false)
        ->toBe(0);
});

test('what was swept one way only is less sure', function () {
    $wall = SimulatedWall::seeded(4);
    $oneWay = Scan::of(new Trace([$wall->sweep(500.0, true), $wall->sweep(1200.0, true)]), $wall->opening, $wall->wall);

    expect(max(array_map(fn (FoundStud $stud) => $stud->confidence, $oneWay->studs)))->toBeLessThanOrEqual(0.8);
});

test('a trace goes out as a file that reads the same', function () {
    $wall = SimulatedWall::seeded(3);
    $again = Trace::read($wall->trace()->toCsv());
    $places = fn (Trace $trace) => array_map(
        fn (FoundStud $stud) => $stud->x,
        Scan::of($trace, $wall->opening, $wall->wall)->studs,
    );

    expect($again->sweeps)->toHaveCount(6)->and($places($again))->toEqualWithDelta($places($wall->trace()), 0.5);
});

test('rows of a trace that do not read are named and left out', function () {
    $trace = Trace::read("density,position_mm,ac_mv\n10,0,1\nmuch,5,1\n10,10,-4");

    expect(array_map(fn (Message $why) => [$why->with['line'], $why->how], $trace->problems))
        ->toBe([[3, 'trace-numbers'], [4, 'trace-field']])
        ->and(Trace::read("a,b\n1,2")->problems[0]->with['columns'])
        ->toContain('position_mm');
});
