<?php

declare(strict_types=1);

use Eris\Generators;
use YokeLine\Anchoring\Dowel;
use YokeLine\Anchoring\Influence;
use YokeLine\Anchoring\Peak;
use YokeLine\Anchoring\Sag;
use YokeLine\Anchoring\WheelRun;
use YokeLine\Anchoring\Wood;

uses(Eris\TestTrait::class);

/** @return list<float> reactions of a unit load at x */
function reactions(array $supports, float $x): array
{
    return array_map(fn (Influence $influence) => $influence->at($x), Influence::ofBeam($supports, $supports[0] - 500, $supports[count($supports) - 1] + 500));
}

test('one load in the middle of the first of two equal spans: 13/32, 22/32, -3/32', function () {
    $found = reactions([0.0, 1000.0, 2000.0], 500.0);

    expect($found[0])->toEqualWithDelta(13 / 32, 1e-12)->and($found[1])->toEqualWithDelta(22 / 32, 1e-12)->and($found[2])->toEqualWithDelta(-3 / 32, 1e-12);
});

test('one load in the middle of the middle of three equal spans: -3/40, 23/40, 23/40, -3/40', function () {
    foreach (array_map(null, reactions([0.0, 1000.0, 2000.0, 3000.0], 1500.0), [-3 / 40, 23 / 40, 23 / 40, -3 / 40]) as [$is, $wanted]) {
        expect($is)->toEqualWithDelta($wanted, 1e-12);
    }
});

test('a load past the end of one span turns it about the end', function () {
    expect(reactions([0.0, 1000.0], 1300.0))->toEqualWithDelta([-0.3, 1.3], 1e-12);
});

test('reactions add up to the load, and turn about nothing', function () {
    $this->forAll(Generators::vector(4, Generators::choose(150, 900)), Generators::choose(-300, 3000))->then(function (array $spans, int $x) {
        $supports = [0.0];
        foreach ($spans as $span) {
            $supports[] = $supports[count($supports) - 1] + $span;
        }
        $x = min((float) $x, $supports[4] + 400);
        $found = reactions($supports, $x);

        expect(array_sum($found))->toEqualWithDelta(1.0, 1e-9)
            ->and(array_sum(array_map(fn (float $r, float $at) => $r * $at, $found, $supports)))->toEqualWithDelta($x, 1e-6);
    });
});

test('a beam and its mirror image carry alike', function () {
    $supports = [0.0, 300.0, 1000.0, 1450.0];
    $mirror = array_map(fn (float $x) => 1450.0 - $x, array_reverse($supports));

    expect(array_reverse(reactions($mirror, 1450.0 - 620.0)))->toEqualWithDelta(reactions($supports, 620.0), 1e-12);
});

test('peaks are exact: no place of the wheels gives more, and the one named gives it', function () {
    $this->forAll(Generators::vector(4, Generators::choose(200, 800)), Generators::choose(300, 1100))->then(function (array $spans, int $spacing) {
        $supports = [0.0];
        foreach ($spans as $span) {
            $supports[] = $supports[count($supports) - 1] + $span;
        }
        $run = new WheelRun('leaf', -80.0, max(100.0, $supports[4] - $spacing + 80.0), (float) $spacing);
        foreach (Influence::ofBeam($supports, -100.0, $supports[4] + 100) as $influence) {
            $peak = Peak::of($influence, $run, 200.0);
            $at = fn (float $s) => 200.0 * ($influence->at($s) + $influence->at($s + $run->spacing));
            for ($i = 0; $i <= 400; $i++) {
                $s = $run->from + ($run->to - $run->from) * $i / 400;
                expect($at($s))->toBeLessThanOrEqual($peak->max + 1e-6)->and($at($s))->toBeGreaterThanOrEqual($peak->min - 1e-6);
            }
            expect($at($peak->leftWheelAt[0]))->toEqualWithDelta($peak->max, 1e-6 * max(1, $peak->max));
        }
    });
});

test('one span bends as the textbook says: P L³ / 48 E I', function () {
    $sag = Sag::of([0.0, 1000.0], -10.0, 1010.0, new WheelRun('leaf', 0.0, 1000.0, 5000.0), 200.0, 6.4e9);

    expect($sag?->greatest)->toEqualWithDelta(200.0 * 1000 ** 3 / 48 / 6.4e9, 0.005 * 200.0 * 1000 ** 3 / 48 / 6.4e9)->and($sag?->at)->toEqualWithDelta(500.0, 2.0);
});

test('a free end bends as the textbook says: P a² (a + L) / 3 E I', function () {
    $sag = Sag::of([0.0, 1000.0], -10.0, 1400.0, new WheelRun('leaf', 1399.0, 1400.0, 5000.0), 200.0, 6.4e9);

    expect($sag?->greatest)->toEqualWithDelta(200.0 * 400 ** 2 * 1400 / 3 / 6.4e9, 0.005 * 200.0 * 400 ** 2 * 1400 / 3 / 6.4e9);
});

test('withdrawal is the equation of the standard: a 3/8 in lag in wood of 0.50 holds 305 lb an inch', function () {
    // 1800 x 0.50^1.5 x 0.375^0.75 = 305 lb/in, before the load duration of 1.6.
    expect(Dowel::lag(9.525)->withdrawal(0.50) / 1.6 / 4.4482216 * 25.4)->toEqualWithDelta(305, 1.0);
});

test('bearing along and across the grain is the equation of the standard', function () {
    expect(Wood::of('douglas-fir-larch')->along(0.5))->toBe(5600.0)->and(Wood::of('douglas-fir-larch')->across(0.5))->toEqualWithDelta(3150, 10)->and(Wood::of('mdf')->gravity)->toBeNull();
});
