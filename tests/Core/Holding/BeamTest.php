<?php

declare(strict_types=1);

use Eris\Generators;
use YokeLine\Holding\Beam;
use YokeLine\Holding\Dowel;
use YokeLine\Holding\Influence;
use YokeLine\Holding\Peak;
use YokeLine\Holding\Sag;
use YokeLine\Holding\WheelRun;
use YokeLine\Holding\Wood;

uses(Eris\TestTrait::class);

/** @return list<float> reactions of a unit load at x */
function reactions(array $supports, float $x): array
{
    return array_map(
        fn (Influence $influence) => $influence->at($x),
        Influence::ofBeam($supports, $supports[0] - 500, $supports[count($supports) - 1] + 500),
    );
}

test('one load in the middle of the first of two equal spans: 13/32, 22/32, -3/32', function () {
    $found = reactions([0.0, 1000.0, 2000.0], 500.0);

    expect($found[0])
        ->toEqualWithDelta(13 / 32, 1e-12)
        ->and($found[1])
        ->toEqualWithDelta(22 / 32, 1e-12)
        ->and($found[2])
        ->toEqualWithDelta(-3 / 32, 1e-12);
});

test('one load in the middle of the middle of three equal spans: -3/40, 23/40, 23/40, -3/40', function () {
    foreach (
        array_map(null, reactions([0.0, 1000.0, 2000.0, 3000.0], 1500.0), [-3 / 40, 23 / 40, 23 / 40, -3 / 40]) as [$is, $wanted]
    ) {
        expect($is)->toEqualWithDelta($wanted, 1e-12);
    }
});

test('a load past the end of one span turns it about the end', function () {
    expect(reactions([0.0, 1000.0], 1300.0))->toEqualWithDelta([-0.3, 1.3], 1e-12);
});

test('reactions add up to the load, and turn about nothing', function () {
    $this->forAll(Generators::vector(4, Generators::choose(150, 900)), Generators::choose(-300, 3000))->then(function (
        array $spans,
        int $x,
    ) {
        $supports = [0.0];
        foreach ($spans as $span) {
            $supports[] = $supports[count($supports) - 1] + $span;
        }
        $x = min((float) $x, $supports[4] + 400);
        $found = reactions($supports, $x);

        expect(array_sum($found))
            ->toEqualWithDelta(1.0, 1e-9)
            ->and(array_sum(array_map(fn (float $r, float $at) => $r * $at, $found, $supports)))
            ->toEqualWithDelta($x, 1e-6);
    });
});

test('a beam and its mirror image carry alike', function () {
    $supports = [0.0, 300.0, 1000.0, 1450.0];
    $mirror = array_map(fn (float $x) => 1450.0 - $x, array_reverse($supports));

    expect(array_reverse(reactions($mirror, 1450.0 - 620.0)))->toEqualWithDelta(reactions($supports, 620.0), 1e-12);
});

test('peaks are exact: no place of the wheels gives more, and the one named gives it', function () {
    $this->forAll(
        Generators::vector(4, Generators::choose(200, 800)),
        Generators::choose(300, 1100),
        Generators::elements(...wheels()),
    )->then(function (array $spans, int $spacing, array $shares) {
        $supports = [0.0];
        foreach ($spans as $span) {
            $supports[] = $supports[count($supports) - 1] + $span;
        }
        $run = new WheelRun('leaf', -80.0, max(100.0, $supports[4] - $spacing + 80.0), (float) $spacing, $shares);
        foreach (Influence::ofBeam($supports, -100.0, $supports[4] + 100) as $influence) {
            $peak = Peak::of($influence, $run, 400.0);
            $at = fn (float $s) => array_map(
                fn (array $case) => array_sum(
                    array_map(fn (array $wheel) => 400.0 * $wheel[1] * $influence->at($s + $wheel[0]), $case),
                ),
                $run->cases,
            );
            $places = array_map(
                fn (int $i) => $at($run->from + (($run->to - $run->from) * $i) / 400),
                range(0, 400),
            );
            expect(max(array_map(max(...), $places)))
                ->toBeLessThanOrEqual($peak->max + 1e-6)
                ->and(min(array_map(min(...), $places)))
                ->toBeGreaterThanOrEqual($peak->min - 1e-6)
                ->and(max($at($peak->leftWheelAt[0])))
                ->toEqualWithDelta($peak->max, 1e-6 * max(1, $peak->max));
        }
    });
});

test('one span bends as the textbook says: P L³ / 48 E I', function () {
    $sag = Sag::of([0.0, 1000.0], -10.0, 1010.0, new WheelRun('leaf', 0.0, 1000.0, 5000.0), 400.0, 6.4e9)[0] ?? null;

    expect($sag?->greatest)
        ->toEqualWithDelta((200.0 * 1000 ** 3) / 48 / 6.4e9, (0.005 * 200.0 * 1000 ** 3) / 48 / 6.4e9)
        ->and($sag?->at)
        ->toEqualWithDelta(500.0, 2.0);
});

test('a free end bends as the textbook says: P a² (a + L) / 3 E I', function () {
    $sag = Sag::of([0.0, 1000.0], -10.0, 1400.0, new WheelRun('leaf', 1399.0, 1400.0, 5000.0), 400.0, 6.4e9)[0] ?? null;

    expect($sag?->greatest)->toEqualWithDelta(
        (200.0 * 400 ** 2 * 1400) / 3 / 6.4e9,
        (0.005 * 200.0 * 400 ** 2 * 1400) / 3 / 6.4e9,
    );
});

test('withdrawal is the equation of the standard: a 3/8 in lag in wood of 0.50 holds 305 lb an inch', function () {
    // 1800 x 0.50^1.5 x 0.375^0.75 = 305 lb/in, before the load duration of 1.6.
    expect((Dowel::lag(9.525)->withdrawal(0.5) / 1.6 / 4.4482216) * 25.4)->toEqualWithDelta(305, 1.0);
});

test('bearing along and across the grain is the equation of the standard', function () {
    expect(Wood::of('douglas-fir-larch')->along(0.5))
        ->toBe(5600.0)
        ->and(Wood::of('douglas-fir-larch')->across(0.5))
        ->toEqualWithDelta(3150, 10)
        ->and(Wood::of('mdf')->gravity)
        ->toBeNull();
});

test(
    'sag is the greatest of all places of the leaf: no place of wheels or rail bends more, whatever the spans',
    function () {
        $this->forAll(
            Generators::vector(5, Generators::choose(120, 900)),
            Generators::choose(60, 1100),
            Generators::choose(0, 220),
            Generators::choose(0, 220),
            Generators::elements(...wheels()),
        )->then(function (array $spans, int $spacing, int $left, int $right, array $shares) {
            $supports = [0.0];
            foreach ($spans as $span) {
                $supports[] = $supports[count($supports) - 1] + $span;
            }
            $end = $supports[5];
            [$low, $high] = [-$left - 12.0, $end + $right + 12.0];
            $run = new WheelRun('leaf', -(float) $left, max(1.0, $end + $right - $spacing), (float) $spacing, $shares);
            [$greatest, $worst] = Sag::of($supports, $low, $high, $run, 360.0, 6.4e9);
            $most = $mostOfLimit = 0.0;
            for ($i = 0; $i <= 150; $i++) {
                $s = $run->from + (($run->to - $run->from) * $i) / 150;
                $bends = array_map(
                    fn (array $case) => (new Beam($supports, 6.4e9))->bends(
                        array_values(
                            array_filter(
                                array_map(fn (array $wheel) => [$s + $wheel[0], 360.0 * $wheel[1]], $case),
                                fn (array $load) => $load[0] >= $low && $load[0] <= $high,
                            ),
                        ),
                    ),
                    $run->cases,
                );
                foreach (array_merge(...$bends) as [$bend, , $over, $isFree]) {
                    $most = max($most, $bend);
                    $mostOfLimit = max($mostOfLimit, $bend / Sag::limitOver($over, $isFree));
                }
            }

            expect($greatest->greatest)
                ->toBeGreaterThanOrEqual($most * 0.995)
                ->and($mostOfLimit)
                ->toBeLessThanOrEqual($worst->share() * 1.005);
        });
    },
);

test('a beam bends as many little pieces of it do', function () {
    $this->forAll(
        Generators::vector(3, Generators::choose(300, 900)),
        Generators::choose(-150, 2500),
        Generators::choose(100, 900),
    )->then(function (array $spans, int $at, int $spacing) {
        $supports = [0.0, (float) $spans[0], (float) ($spans[0] + $spans[1]), (float) array_sum($spans)];
        $loads = array_values(
            array_filter([(float) $at, (float) $at + $spacing], fn (float $x) => $x <= $supports[3] + 150),
        );
        if ($loads === []) {
            return;
        }
        $fine = fineBeam($supports, $loads, 400.0, 6.4e9);
        $weighing = array_map(fn (float $load) => [$load, 400.0], $loads);
        foreach ((new Beam($supports, 6.4e9))->bends($weighing) as [$bend, $where]) {
            expect($bend)->toEqualWithDelta($fine($where), 0.01 * max(0.02, $bend));
        }
    });
});

/** @return list<list<list<float>>> what each wheel takes of two, three or four hangers, case by case */
function wheels(): array
{
    return [
        [[0.5, 0.5]],
        [[0.5, 0.0, 0.5], [0.25, 0.5, 0.25]],
        [[0.5, 0.0, 0.0, 0.5], [0.0, 0.5, 0.5, 0.0]],
    ];
}

/**
 * The same beam by stiffness of short pieces between nodes: deflection and slope at each, solved together. @return
 * Closure(float): float
 */
function fineBeam(array $supports, array $loads, float $load, float $stiffness): Closure
{
    $nodes = array_map(fn ($x) => round($x, 6), [...$supports, ...$loads]);
    for ($x = min($nodes); $x < max($nodes); $x += 25.0) {
        $nodes[] = round($x, 6);
    }
    $nodes = array_values(array_unique($nodes));
    sort($nodes);
    $n = count($nodes);
    // A band of width 4 either side: rows 2i (deflection) and 2i + 1 (slope).
    $k = array_fill(0, 2 * $n, array_fill(0, 2 * $n, 0.0));
    $f = array_fill(0, 2 * $n, 0.0);
    for ($e = 0; $e < $n - 1; $e++) {
        $l = $nodes[$e + 1] - $nodes[$e];
        $of = [
            [12, 6 * $l, -12, 6 * $l],
            [6 * $l, 4 * $l * $l, -6 * $l, 2 * $l * $l],
            [-12, -6 * $l, 12, -6 * $l],
            [6 * $l, 2 * $l * $l, -6 * $l, 4 * $l * $l],
        ];
        foreach ($of as $r => $row) {
            foreach ($row as $c => $value) {
                $k[2 * $e + $r][2 * $e + $c] += ($stiffness * $value) / $l ** 3;
            }
        }
    }
    foreach ($loads as $at) {
        $f[2 * array_search(round($at, 6), $nodes, true)] += $load;
    }
    foreach ($supports as $at) {
        $i = 2 * array_search(round($at, 6), $nodes, true);
        $k[$i][$i] += 1e15;
    }
    for ($i = 0; $i < 2 * $n; $i++) {
        for ($r = $i + 1; $r < min(2 * $n, $i + 4); $r++) {
            $by = $k[$r][$i] / $k[$i][$i];
            for ($c = $i; $by != 0.0 && $c < min(2 * $n, $i + 4); $c++) {
                $k[$r][$c] -= $by * $k[$i][$c];
            }
            $f[$r] -= $by * $f[$i];
        }
    }
    $u = $f;
    for ($i = 2 * $n - 1; $i >= 0; $i--) {
        for ($c = $i + 1; $c < min(2 * $n, $i + 4); $c++) {
            $u[$i] -= $k[$i][$c] * $u[$c];
        }
        $u[$i] /= $k[$i][$i];
    }

    return function (float $x) use ($nodes, $u): float {
        for ($e = 0; $e < count($nodes) - 2 && $nodes[$e + 1] < $x; $e++);
        $l = $nodes[$e + 1] - $nodes[$e];
        $t = ($x - $nodes[$e]) / $l;

        return (1 - 3 * $t ** 2 + 2 * $t ** 3) * $u[2 * $e] +
            $l * ($t - 2 * $t ** 2 + $t ** 3) * $u[2 * $e + 1] +
            (3 * $t ** 2 - 2 * $t ** 3) * $u[2 * $e + 2] +
            $l * ($t ** 3 - $t ** 2) * $u[2 * $e + 3];
    };
}
