<?php

declare(strict_types=1);

use YokeLine\Holding\Fasteners;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;

/* What is usual where a doorway is worked in millimetres, and in inches: no number of the one is the other's. */

test('what is usual has its own number in each unit', function (string $what, string $mm, string $inches) {
    $usual = function (Unit $unit) use ($what): string {
        $length = Fasteners::of($unit)->{$what}();
        assert($length instanceof Length);

        return LengthWriter::inPlainBlanks((new LengthWriter($unit))->show($length));
    };

    expect([$usual(Unit::Millimetre), $usual(Unit::Inch)])->toBe([$mm, $inches]);
})->with([
    ['intoStud', '40', '1 1/2'], ['intoMasonry', '50', '2'], ['bracketGrip', '6', '1/4'], ['row', '22', '7/8'],
    ['jointScrew', '10', '3/8'], ['firstAnchor', '60', '2 3/8'], ['anchorsApart', '400', '16'],
    ['silentAnchor', '8', '5/16'], ['washerWidth', '40', '1 1/2'], ['washerThickness', '3', '1/8'],
    ['washerBehindBoard', '30', '1 1/4'],
]);

test('a size is said as those who sell it say it', function (Unit $unit, Length $length, string $said) {
    expect(LengthWriter::inPlainBlanks(Fasteners::of($unit)->size($length)))->toBe($said);
})->with([
    'millimetres' => [Unit::Millimetre, Length::mm(6), '6'],
    'a screw that is called a quarter' => [Unit::Inch, Length::nm(242 * 25_400), '1/4'],
    'a gauge' => [Unit::Inch, Length::nm(190 * 25_400), '#10'],
    'a fraction' => [Unit::Inch, Length::sixteenths(5), '5/16'],
]);

test('a guide is screwed down with what is usual in its unit', function (Unit $unit, string $diameter, string $length) {
    ['diameter' => $wide, 'length' => $long] = Fasteners::of($unit)->guideScrew();

    expect([Fasteners::of($unit)->size($wide), LengthWriter::inPlainBlanks(Fasteners::of($unit)->size($long))])
        ->toBe([$diameter, $length]);
})->with([[Unit::Millimetre, '5', '40'], [Unit::Inch, '#10', '1 1/2']]);
