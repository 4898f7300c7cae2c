<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use YokeLine\Doorway\GuideKit;
use YokeLine\Doorway\GuideStyle;
use YokeLine\Doorway\Hang;
use YokeLine\Doorway\HeightDatum;
use YokeLine\Doorway\Opens;
use YokeLine\Doorway\Yard;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;

/* What a yard has, and what a doorway is, looked at from the other side. */

test('the boards that a yard has for a size are those that were approved', function (Unit $unit) {
    $sizes = [];
    foreach ([0, 19, 20, 26, 37, 38, 44, 50, 55, 60, 89, 90, 111, 140, 141, 184, 235, 300, 301] as $mm) {
        $size = Length::mm($mm);
        $sizes[$mm] = [
            Yard::thickness($size, $unit), Yard::width($size, $unit), Yard::narrower($size, $unit),
            Yard::thicker($size, $unit),
        ];
    }

    Approved::holds("Doorway/yard {$unit->value}", [$sizes, Yard::bolts($unit)]);
})->with(Unit::cases());

test('a board is called by its name, and its name by its sizes', function () {
    foreach (Yard::names() as $name) {
        [$thick, $wide] = Yard::named($name) ?? [null, null];

        expect(Yard::nameOf($thick, $wide))->toBe($name);
    }
    expect(Yard::nameOf(Length::mm(38), Length::mm(140)))->toBeNull()
        ->and(Yard::named('3x7'))->toBeNull()
        ->and(Yard::named('2 X 6'))->toEqual(Yard::named('2x6'));
});

test('board feet are of nominal sizes', function (string $name, float $feet) {
    [$thick, $wide] = Yard::named($name);

    expect(round((float) Yard::boardFeet($thick, $wide, Length::nm(8 * 12 * Length::NM_PER_INCH)), 4))->toBe($feet)
        ->and(Yard::boardFeet(Length::mm(38), Length::mm(140), Length::mm(1000)))->toBeNull();
})->with([['1x6', 4.0], ['2x6', 8.0], ['5/4x8', 6.6667]]);

test('a guide that is bought by itself is of usual make', function (GuideStyle $style) {
    Approved::holds("Doorway/guides/{$style->value}", [
        GuideKit::bought($style),
        array_map(fn ($touch) => array_map(
            fn (Unit $unit) => GuideKit::bought($style)->grooveWidth($touch, $unit),
            Unit::cases(),
        ), YokeLine\Doorway\GuideTouch::cases()),
    ]);
})->with(GuideStyle::cases());

test('a wall in the mirror has everything on its other side', function (string $name) {
    $survey = Doorways::plan($name)->doorway->survey;

    Approved::holds("Doorway/mirrored/{$name}", [
        $survey->opening?->mirrored(), $survey->opening?->mirrored()->mirrored(), $survey->opening?->casing->mirrored(),
        array_map(fn ($thing) => $thing->mirrored(), $survey->obstacles),
    ]);
})->with(['kiln-room', 'throwing-room', 'in throwing-room', 'map-archive']);

test('what is not measured yet is asked for, in the order of the walk', function (string $place) {
    $doorway = YokeLine\Format\DoorwayReader::read(Doorways::document(changes: [$place => null]));

    expect($doorway->missing())->not->toBe([])
        ->and($doorway->missing()[0])->toStartWith((string) preg_replace('/\[0\]$/', '', $place));
})->with([
    'survey.wall.from', 'survey.wall.to', 'survey.wall.ceiling', 'survey.opening.height', 'brief.leaf.thickness',
]);

test('what is asked of a hang is what it has', function () {
    $asks = [];
    foreach (Hang::cases() as $hang) {
        foreach ([
            'brief.opens', 'brief.rules.surplus', 'brief.rules.park', 'brief.rules.meeting_gap',
            'brief.rules.mid_overlap', 'brief.rules.gap',
        ] as $path) {
            $asks[$hang->value][$path] = $hang->asks($path);
        }
        foreach (Opens::cases() as $opens) {
            $asks[$hang->value]["begins at right, {$opens->value}"] = $hang->beginsAtRight($opens);
        }
    }

    Approved::holds('Doorway/hangs', $asks);
});

test('a height of a kit is told to any datum and comes to one rise', function () {
    $rises = array_map(
        fn (HeightDatum $datum) => $datum->toRise(Length::mm(90), Length::mm(40), Length::mm(12)),
        HeightDatum::cases(),
    );

    Approved::holds('Doorway/datums', array_combine(array_column(HeightDatum::cases(), 'name'), $rises));
});

test('a leaf of another size keeps its thickness unless it has another', function () {
    $leaf = Doorways::plan()->doorway->brief->leaf;
    [$wide, $high] = [Length::mm(900), Length::mm(2100)];

    expect($leaf->sized($wide, $high)->thickness)->toEqual($leaf->thickness)
        ->and($leaf->sized($wide, $high, Length::mm(44))->thickness)->toEqual(Length::mm(44))
        ->and(get_object_vars($leaf->sized($leaf->width, $leaf->height)))->toEqual(get_object_vars($leaf));
});

test('a doorway with another brief is the same doorway but for that', function () {
    $doorway = Doorways::plan()->doorway;
    $other = Doorways::plan(changes: ['brief.rules.gap' => 20])->doorway->brief;

    expect($doorway->wanting($doorway->brief))->toBe($doorway)
        ->and($doorway->wanting($other)->brief)->toBe($other)
        ->and($doorway->wanting($other)->survey)->toBe($doorway->survey);
});
