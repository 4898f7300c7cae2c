<?php

declare(strict_types=1);

use Eris\Generators;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;
use YokeLine\Measure\Unit;
use YokeLine\Measure\UnreadableLength;

uses(Eris\TestTrait::class);

test('a length reads as people write it', function (string $written, Unit $unit, int $nm) {
    expect(LengthReader::read($written, $unit)->nm)->toBe($nm);
})->with([
    ['2065', Unit::Millimetre, 2_065_000_000],
    ['206.5 cm', Unit::Inch, 2_065_000_000],
    ['2.065 m', Unit::Inch, 2_065_000_000],
    ['206,5 cm', Unit::Millimetre, 2_065_000_000],
    ['79', Unit::Inch, 2_006_600_000],
    ['79"', Unit::Millimetre, 2_006_600_000],
    ['79 3/16', Unit::Inch, 2_011_362_500],
    ['79-3/16"', Unit::Millimetre, 2_011_362_500],
    ['6\' 7 3/16"', Unit::Millimetre, 2_011_362_500],
    ['6ft 7 3/16in', Unit::Millimetre, 2_011_362_500],
    ['6′ 7 3⁄16″', Unit::Inch, 2_011_362_500],
    ['5/16', Unit::Inch, 7_937_500],
    ['9½', Unit::Inch, 241_300_000],
    ['2 065.5', Unit::Millimetre, 2_065_500_000],
    ["2\u{202f}065", Unit::Millimetre, 2_065_000_000],
    ['-4', Unit::Millimetre, -4_000_000],
    ['-1/2', Unit::Inch, -12_700_000],
    ['.5', Unit::Millimetre, 500_000],
    ["6'", Unit::Inch, 1_828_800_000],
]);

test('a number of a file reads as it was written', function () {
    expect(LengthReader::read(12.3, Unit::Millimetre)->nm)
        ->toBe(12_300_000)
        ->and(LengthReader::read(0.000001, Unit::Millimetre)->nm)
        ->toBe(1);
});

test('what is no length is refused, and why', function (mixed $written, string $says) {
    expect(fn () => LengthReader::read($written, Unit::Millimetre))->toThrow(UnreadableLength::class, $says);
})->with([
    ['high', 'length-not: {"typed":"high"}'],
    ['', 'length-nothing'],
    ['1/0', 'length-by-nought'],
    ['2,065', 'length-two-ways'],
    ['99999999', 'length-too-long'],
    ['12 mm 3', 'length-not'],
    ['1e3', 'length-not'],
    ['12345678901234567', 'length-too-fine'],
    [null, 'length-no-number'],
    [true, 'length-no-number'],
]);

test('every 1/64 in up to 6 m reads back as it was written', function () {
    $write = new LengthWriter(Unit::Inch);
    $lost = [];
    for ($n = 0; $n * 396_875 <= 6_000_000_000; $n++) {
        $length = Length::nm($n * 396_875);
        if (LengthReader::read($write->exact($length), Unit::Inch)->nm !== $length->nm) {
            $lost[] = "{$n}/64: {$write->exact($length)}";
        }
    }

    expect($n)->toBeGreaterThan(15_000)->and($lost)->toBe([]);
});

test('every half millimetre up to 6 m reads back as it was written', function () {
    $write = new LengthWriter(Unit::Millimetre);
    $lost = [];
    for ($n = 0; $n <= 12_000; $n++) {
        $length = Length::nm($n * 500_000);
        if (LengthReader::read($write->exact($length), Unit::Millimetre)->nm !== $length->nm) {
            $lost[] = $write->exact($length);
        }
    }

    expect($n)->toBe(12_001)->and($lost)->toBe([]);
});

test('any length reads back from either unit', function () {
    $this->forAll(Generators::choose(-40_000_000_000, 40_000_000_000), Generators::elements(Unit::cases()))->then(
        function (int $nm, Unit $unit) {
            expect(LengthReader::read((new LengthWriter($unit))->exact(Length::nm($nm)), $unit)->nm)->toBe($nm);
        },
    );
});

test('inches show as fractions to a sixteenth, millimetres whole', function () {
    expect((new LengthWriter(Unit::Inch))->show(Length::nm(2_011_362_500)))
        ->toBe("79\u{a0}3/16")
        ->and((new LengthWriter(Unit::Inch, Length::nm(793_750)))->show(Length::nm(2_012_156_250)))
        ->toBe("79\u{a0}7/32")
        ->and((new LengthWriter(Unit::Millimetre))->show(Length::nm(2_191_499_999)))
        ->toBe("2\u{202f}191")
        ->and((new LengthWriter(Unit::Millimetre))->showUp(Length::nm(11_001_000)))
        ->toBe('12')
        ->and((new LengthWriter(Unit::Millimetre))->showDown(Length::nm(11_999_000)))
        ->toBe('11')
        ->and((new LengthWriter(Unit::Inch))->show(Length::zero()))
        ->toBe('0');
});

test('rounding to a step goes to the nearest, halves upward', function () {
    $this->forAll(
        Generators::choose(-9_000_000_000, 9_000_000_000),
        Generators::elements(Length::mm(1), Length::sixteenths(1), Length::mm(5)),
    )->then(function (int $nm, Length $step) {
        $off = Length::nm($nm)->roundedTo($step)->minus(Length::nm($nm));

        expect($off->nm * 2)
            ->toBeGreaterThan(-$step->nm)
            ->toBeLessThanOrEqual($step->nm)
            ->and(Length::nm($nm)->roundedUpTo($step)->nm)
            ->toBeGreaterThanOrEqual($nm)
            ->and(Length::nm($nm)->roundedDownTo($step)->nm)
            ->toBeLessThanOrEqual($nm);
    });
});

test('scaling is exact where 64 bits would not hold the product', function () {
    expect(Length::mm(49_999)->scaled(48_123_456_789, 96_246_913_578)->nm)
        ->toBe(24_999_500_000)
        ->and(Length::nm(-3)->half()->nm)
        ->toBe(-2)
        ->and(Length::nm(3)->half()->nm)
        ->toBe(2);
});

test('a span held inside a room moves as little as it must', function () {
    $room = new Span(Length::mm(0), Length::mm(1000));

    expect((new Span(Length::mm(-30), Length::mm(200)))->heldInside($room)->low->nm)
        ->toBe(0)
        ->and((new Span(Length::mm(900), Length::mm(1100)))->heldInside($room)->high->nm)
        ->toBe(1_000_000_000)
        ->and((new Span(Length::mm(10), Length::mm(20)))->heldInside($room)->low->nm)
        ->toBe(10_000_000);
});

test('a sum remembers what it came from', function () {
    $sum = Sum::of('Yoke line')
        ->plus('gap', Length::mm(12))
        ->plus('leaf', Sum::of('leaf')->plus('given', Length::mm(2138)))
        ->minus('nothing', Length::zero());

    expect($sum->total->nm)
        ->toBe(2_150_000_000)
        ->and(array_map(fn ($term) => $term->name, $sum->terms()))
        ->toBe(['gap', 'leaf', 'nothing'])
        ->and($sum->terms()[1]->sum?->name)
        ->toBe('leaf');
});

test('the terms of a mirrored sum still add up to it', function () {
    $edge = Sum::of('left edge')->place('left jamb', Length::mm(900))->minus('overlap', Length::mm(50));
    $travel = Sum::of('travel')->place('right jamb', Length::mm(1700))->fromPlace('left edge', $edge);
    foreach ([$edge, $travel] as $sum) {
        $mirror = $sum->mirrored();
        $added = array_sum(array_map(fn ($term) => $term->sign * $term->value->nm, $mirror->terms()));

        expect($added)
            ->toBe($mirror->total->nm)
            ->and($mirror->mirrored()->total->nm)
            ->toBe($sum->total->nm);
    }
    expect($edge->mirrored()->total->nm)
        ->toBe(-850_000_000)
        ->and($travel->mirrored()->total->nm)
        ->toBe(850_000_000)
        ->and($edge->mirrored()->terms()[0]->name)
        ->toBe('right jamb');
});

test('a sum says what rounding its shown terms leaves over', function (Unit $unit, int $a, int $b) {
    $write = new LengthWriter($unit);
    $sum = Sum::of('both')->plus('a', Length::nm($a))->minus('b', Length::nm($b));
    $shown = $write
        ->fine(Length::nm($a))
        ->minus($write->fine(Length::nm($b)))
        ->plus($sum->roundedOff($write->fine(...)));

    expect($shown->nm)->toBe($write->fine($sum->total)->nm);
})->with([
    [Unit::Inch, 862_000_000, 48_300_000],
    [Unit::Inch, 33_337_500, 100_000],
    [Unit::Millimetre, 1_250_000, 150_001],
    [Unit::Millimetre, 10_000_000, 4_000_000],
]);

test('a house may have long lengths said in feet and inches', function (string $is, string $said) {
    $write = new LengthWriter(Unit::Inch, null, LengthReader::read('36', Unit::Inch));

    expect($write->showWithUnit(LengthReader::read($is, Unit::Inch)))
        ->toBe($said)
        ->and(LengthReader::read($said, Unit::Inch)->equals(LengthReader::read($is, Unit::Inch)))
        ->toBeTrue();
})->with([
    ['35 15/16', "35\u{a0}15/16\""],
    ['36', "3'\u{a0}0\""],
    ['79 3/16', "6'\u{a0}7\u{a0}3/16\""],
    ['79-3/16', "6'\u{a0}7\u{a0}3/16\""],
    ['-40', "-3'\u{a0}4\""],
]);

test('what is said in feet is rounded first', function () {
    $write = new LengthWriter(Unit::Inch, null, LengthReader::read('36', Unit::Inch));

    expect($write->show(LengthReader::read('35 63/64', Unit::Inch)))->toBe("3'\u{a0}0");
});

test('under a foot nothing is said in feet, however little is enough for it', function () {
    $write = new LengthWriter(Unit::Inch, null, Length::zero());

    expect($write->show(LengthReader::read('11 1/2', Unit::Inch)))->toBe("11\u{a0}1/2");
});

test('tapes are read in inches, unless they run in feet', function () {
    $long = LengthReader::read('79 3/16', Unit::Inch);
    $feet = LengthReader::read('36', Unit::Inch);

    expect((new LengthWriter(Unit::Inch, null, $feet))->showOnTape($long))
        ->toBe("79\u{a0}3/16")
        ->and((new LengthWriter(Unit::Inch, null, null, tapesInFeet: true))->showOnTape($long))
        ->toBe("6'\u{a0}7\u{a0}3/16");
});

test('in millimetres nothing is said in feet', function () {
    $write = new LengthWriter(Unit::Millimetre, null, Length::zero(), tapesInFeet: true);

    expect([$write->show(Length::mm(2011)), $write->showOnTape(Length::mm(2011))])->toBe([
        "2\u{202f}011",
        "2\u{202f}011",
    ]);
});

test('a length is read as it is written on the wall and on the box', function (string $typed, string $is) {
    expect((new LengthWriter(Unit::Inch))->exact(LengthReader::read($typed, Unit::Inch)))->toBe($is);
})->with([
    ["6' 7 3/16", '79 3/16'],
    ["6' 7 3/16\"", '79 3/16'],
    ["6'-7 3/16\"", '79 3/16'],
    ['79-3/16', '79 3/16'],
    ['79 3/16"', '79 3/16'],
    ['79¼', '79 1/4'],
    ['6′ 7″', '79'],
    ['2.5 ft', '30'],
    ['6 ft 7 3/16 in', '79 3/16'],
    ['950 mm', '950 mm'],
    ['95 cm', '950 mm'],
]);
