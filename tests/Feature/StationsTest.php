<?php

declare(strict_types=1);

use App\Bench\EitherUnit;
use App\Bench\Field as BenchField;
use App\Bench\Items;
use App\Bench\Moved;
use App\Bench\Station;
use App\Bench\Typed;
use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;
use YokeLine\Catalog\FieldType;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;
use YokeLine\Setout;

/* Which fields a station of the bench shows, and what becomes of what is typed there. */

/** @return list<mixed> */
function groupsOf(Station $station, Setout $setout): array
{
    return $station->groups($setout, Doorways::kits(), Items::named('survey.studs[#x1]', $setout->document));
}

foreach (Station::cases() as $station) {
    test("the fields of {$station->value} are as they were approved", function (
        string $name,
        array $changes,
    ) use ($station) {
        $called = array_search([$name, $changes], Doorways::ofEveryKind());

        Approved::holds("Bench/{$station->value}/{$called}", groupsOf($station, Doorways::setout($name, $changes)));
    })->with(array_intersect_key(Doorways::ofEveryKind(), array_flip([
        'kiln-room', 'map-archive', 'reclaim-bay', 'in throwing-room', 'drying-niche', 'throwing-room',
        'kiln-room framed',
    ])));

    // An answer brings other fields with it; a length never does.
    Approved::ofFields('Bench', "the fields of {$station->value}", array_filter(
        Catalog::whole()->of('survey') + Catalog::whole()->of('brief'),
        fn (Field $field) => in_array($field->type, [FieldType::Choice, FieldType::Flag], true) &&
            ! str_contains($field->path, '[]') && ! str_contains($field->path, '.made'),
    ), 'kiln-room', [], fn (?Plan $plan, Setout $setout) => groupsOf($station, $setout));
}

test('what was told brings more to be told, as it was approved', function () {
    $told = [];
    foreach ([
        ['survey.floor.finish' => 'carpet'],
        ['survey.parts' => [(object) ['id' => 'p1', 'part' => 'stops', 'count' => 1, 'how' => 'missing']]],
        ['brief.purpose' => ['sound', 'light']],
        ['brief.in_hand' => (object) ['width' => 960, 'second' => (object) ['width' => 950]]],
        ['brief.leaf.solid' => [[0, 120], [845, 965]]],
        ['brief.anchor' => (object) ['kind' => 'sleeve'], 'survey.wall.lining.kind' => 'masonry'],
    ] as $changes) {
        $setout = Doorways::setout('kiln-room', $changes);
        foreach (Station::cases() as $station) {
            $told[array_key_first($changes)][$station->value] = groupsOf($station, $setout);
        }
    }

    Approved::holds('Bench/told more', $told);
});

const TYPED = [
    '', ' ', '12', '12.5', '12,5', '1/2', '12 1/2', '12 mm', '3 in', "5' 6", 'abc', 'yes', 'no', 'true', '12, 14',
    '12; 14 ; 16', '12, abc', ',', 'auto', '20 kg', '44 lb', '-3', '0', '99999999999',
];

test('what is typed is kept and shown as it was approved', function (Unit $shown, Unit $kept) {
    $typed = new Typed($shown, $kept);
    $told = [];
    foreach ([
        'survey.opening.left', 'brief.leaf.stock_widths', 'brief.rules.soft_close', 'brief.purpose',
        'brief.leaf.mass_kg', 'brief.leaf.mass_lb', 'brief.hang', 'brief.leaf.construction.kind', 'brief.rules.hangers',
    ] as $place) {
        $field = BenchField::of($place);
        foreach (TYPED as $said) {
            try {
                $is = $typed->toDocument($field, $said);
                $told[$place][$said] = [$is, $typed->toScreen($field, $is), $typed->beside($field, $is)];
            } catch (UnreadableFile $refused) {
                $told[$place][$said] = $refused->problems;
            }
        }
        foreach ([null, true, false, 'auto', 12, 12.5, '12 1/2', [3, '4 in'], '20 lb'] as $is) {
            try {
                $told[$place]['shows '.json_encode($is)] = [$typed->toScreen($field, $is), $typed->beside($field, $is)];
            } catch (Throwable $odd) {
                $told[$place]['shows '.json_encode($is)] = $odd::class;
            }
        }
    }
    foreach ([null, 'auto', 12, '3 1/2'] as $is) {
        $told['nudged'][json_encode($is)] = array_map(
            fn (int $steps) => $typed->nudged($is, Length::mm(100), $steps),
            [-3, 0, 1, 10],
        );
    }

    Approved::holds("Bench/typed/{$kept->value} in {$shown->value}", $told);
})->with(Unit::cases())->with(Unit::cases());

test('what is moved on the drawing is moved as it was approved', function (string $name) {
    $setout = Doorways::setout($name);
    $moved = [];
    foreach ([
        'brief.rules.rail_left', 'survey.obstacles[0]', 'survey.obstacles[1]', 'survey.hazards[0]', 'survey.wall', 'x',
    ] as $place) {
        foreach ([[0, 0], [12.4, 0], [0, -33.3], [-250, 90], [60_000, 0], [0, 60_000]] as [$right, $up]) {
            $moved["{$place} {$right} {$up}"] = Moved::changes($setout, $place, $right, $up);
        }
    }

    Approved::holds("Bench/moved/{$name}", $moved);
})->with(['kiln-room', 'throwing-room', 'in throwing-room']);

test('an amount is told in one of two units as it was approved', function (Unit $shown) {
    $told = [];
    foreach ([
        ['brief.leaf.mass', 'kg'], ['brief.leaf.construction.glass', 'm2'], ['brief.anchor.tension', 'N'],
    ] as [$place, $metric]) {
        $at = EitherUnit::place($shown, $place, $metric);
        $told[$at] = [EitherUnit::field($shown, $place, $metric, 12.345), EitherUnit::field($shown, $place, $metric)];
        foreach ([null, '12', '20 kg', '44 lb', '3.5'] as $said) {
            $told["{$at} ".json_encode($said)] = EitherUnit::changes(Doorways::document(), $at, $said);
        }
    }

    Approved::holds("Bench/either unit/{$shown->value}", $told);
})->with(Unit::cases());
