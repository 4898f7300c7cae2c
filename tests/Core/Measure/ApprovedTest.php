<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use YokeLine\Measure\Length;
use YokeLine\Measure\LengthReader;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\SeededRandom;
use YokeLine\Measure\Size;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;
use YokeLine\Measure\Unit;
use YokeLine\Measure\UnreadableLength;

/* How lengths are read, written, spanned and summed up: many of each, as they were approved. */

test('what is written of a length is as it was approved', function (Unit $unit, ?int $feetOver) {
    $write = new LengthWriter($unit, null, $feetOver === null ? null : Length::mm($feetOver));
    $asked = array_filter(
        (new ReflectionClass($write))->getMethods(ReflectionMethod::IS_PUBLIC),
        fn (ReflectionMethod $method) => $method->getNumberOfRequiredParameters() === 1 &&
            (string) $method->getParameters()[0]->getType() === Length::class,
    );
    $written = [];
    $little = [0, 1, 499_999, 500_000, 1_000_000, 25_400_000 / 16, 25_400_000 / 64];
    foreach ([...$little, 304_800_000, 999_500_000, 1_234_567_890, 2_065_000_000, 6_096_000_000] as $nm) {
        foreach ([1, -1] as $sign) {
            foreach ($asked as $method) {
                $written[$sign * (int) $nm][$method->name] = $method->invoke($write, Length::nm($sign * (int) $nm));
            }
        }
    }

    Approved::holds("Measure/written {$unit->value} ".($feetOver ?? 'plain'), $written);
})->with(Unit::cases())->with([null, 300, 1500]);

test('what is read of a length is as it was approved', function (Unit $unit) {
    $read = [];
    foreach ([
        0, 12, -7, 2.5, 1e-7, 123456.25, INF, true, null, [], '', '  ', '0', '12', ' 12 ', '+12', '-12', '- 12',
        '12.5', '12,5', '12,500',
        '1,5 cm', '2 065', '2 065.5', '2 065 1/2', '12 mm', '12mm', '12 cm', '1.2 m', '12 in', '12"', "1'", "1' 2",
        "1' 2 3/4\"",
        "1'2", '1 ft 2 in', '3/4', '1 3/4', '1-3/4', '1 3/4 in', '3/0', '5/4', '1/64', '1/128', '1/3', '.5', '5.',
        '..5', '12 12',
        'abc', '12 abc', '12 kg', '1e3', '1/2/3', '--3', '99999999999999999999', '1000000', '200 m',
        '39.3700787 in', '−5', '½', '1 ½',
        '2½"', '1’ 2”', "\u{a0}12\u{a0}mm",
    ] as $said) {
        try {
            $is = LengthReader::read($said, $unit)->nm;
        } catch (UnreadableLength $refused) {
            $is = $refused->why;
        }
        $read[var_export($said, true)] = [$is, LengthReader::unitOf($said, $unit)];
    }

    Approved::holds("Measure/read {$unit->value}", $read);
})->with(Unit::cases());

test('the longest that is read is read, and nothing longer', function (Unit $unit, string $longest, string $longer) {
    $isRead = function (string $said) use ($unit): bool {
        try {
            return LengthReader::read($said, $unit)->isPositive();
        } catch (UnreadableLength) {
            return false;
        }
    };

    expect([$isRead($longest), $isRead($longer)])->toBe([true, false]);
})->with(fn () => array_map(function (Unit $unit): array {
    $nm = (new ReflectionClassConstant(LengthReader::class, 'LONGEST_NM'))->getValue();

    $mm = intdiv($nm, 1_000_000);

    return [$unit, sprintf('%d.%06d mm', $mm, $nm % 1_000_000), sprintf('%d mm', $mm + 1)];
}, Unit::cases()));

test('what one stretch is to another is as it was approved', function () {
    $span = fn (int $low, int $high) => new Span(Length::mm($low), Length::mm($high));
    $all = [$span(0, 100), $span(20, 60), $span(100, 140), $span(-30, 10), $span(90, 250), $span(40, 40)];
    $told = [];
    foreach ($all as $i => $one) {
        foreach ($all as $j => $other) {
            $told["{$i} {$j}"] = [
                $one->overlaps($other), $one->joined($other), $one->heldInside($other), $one->without($other),
                $one->cutTo($other), Span::around($one, $other),
                $one->contains($other->low), $one->surrounds($other->low),
            ];
        }
        $told["{$i}"] = [
            $one->length(), $one->middle(), $one->mirrored(),
            $one->shifted(Length::mm(7)), $one->widened(Length::mm(5)),
            Span::between($one->high, $one->low), Span::from($one->low, Length::mm(9)),
        ];
    }

    Approved::holds('Measure/spans', $told);
});

test('what is left of a stretch is a list', function () {
    $left = (new Span(Length::mm(0), Length::mm(100)))->without(new Span(Length::mm(-5), Length::mm(40)));

    expect(array_keys($left))->toBe([0])->and($left[0]->low->toMm())->toBe(40.0);
});

test('how sums are worked and mirrored is as it was approved', function () {
    [$a, $b, $c] = array_map(Length::mm(...), [1200, 50, 7]);
    $place = Sum::of('left-edge')->place('left-jamb', $a)->minus('overlap', $b);
    $sums = [
        'distance' => $apart = Sum::of('gap-left')->plus('gap', $b)->minus('packing', $c),
        'place' => $place,
        'between two places' => Sum::of('between')->place('right-jamb', $a)->fromPlace('left-jamb', $b),
        'greatest' => Sum::greatest('left-most', ['one' => $a, 'other' => $b, 'same' => $a]),
        'least' => Sum::least('left-least', ['one' => $a, 'other' => $b]),
        'greatest place' => Sum::greatest('left-most', ['place' => $place, 'other' => $place->plus('more', $c)]),
        'least place' => Sum::least('left-least', ['place' => $place, 'other' => $place->plus('more', $c)]),
        'greatest distance' => Sum::greatest('left-most', ['apart' => $apart, 'none' => Length::zero()]),
        'rounded' => $place->becomes($c, 'left-rounded'),
        'renamed' => $apart->renamed('left-new'),
    ];
    $told = array_map(fn (Sum $sum) => [
        $sum, $sum->terms(), $sum->isPlace(), $sum->ruledBy(), $sum->says(), $sum->notes(),
        $sum->off(['gap' => $c, 'left-jamb' => $c, 'overlap' => $c, 'left-edge' => $c]),
        $sum->roundedOff(fn (Length $length) => $length->roundedTo(Length::mm(100))),
    ], $sums);

    Approved::holds('Measure/sums', [
        $told,
        array_map(fn (Sum $sum) => [$sum->mirrored(), $sum->mirrored()->terms(), $sum->mirrored()->ruledBy()], $sums),
    ]);
});

test('dice that are thrown again fall the same', function (int $seed) {
    $dice = new SeededRandom($seed);

    Approved::holds("Measure/dice {$seed}", [
        array_map(fn () => [
            $dice->next(), $dice->is(0.3), $dice->between(2, 9), $dice->noise(4.0), $dice->one(range(1, 6)),
        ], range(1, 12)),
        (new SeededRandom($seed))->next(),
    ]);
})->with([1, 7, 1964]);

test('what can never be never is, and what must be always is', function () {
    $dice = new SeededRandom(5);
    $fell = array_map(fn () => [$dice->is(0.0), $dice->is(1.0)], range(1, 200));

    expect(array_unique($fell, SORT_REGULAR))->toBe([[false, true]]);
});

test('a size is told with its unit, and a gauge without', function (Size $size, string $says) {
    expect($size->withUnit())->toBe($says);
})->with([
    [new Size('8', Unit::Millimetre), "8\u{a0}mm"],
    [new Size('5/16', Unit::Inch), '5/16"'],
    [new Size('#8', Unit::Inch), '#8'],
]);
