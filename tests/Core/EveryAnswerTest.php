<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;
use YokeLine\Catalog\FieldType;
use YokeLine\Format\Document;
use YokeLine\Format\MarksWriter;
use YokeLine\Format\PlanWriter;
use YokeLine\Format\UnreadableFile;
use YokeLine\Format\WorkWriter;
use YokeLine\Inspection\Cautions;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\KitCheck;
use YokeLine\Marks\Drilling;
use YokeLine\Marks\Heights;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Setout;
use YokeLine\Stock\Materials;
use YokeLine\Work\AtHand;
use YokeLine\Work\RunCheck;

/*
 * An answer that changes nothing but its own echo is a defect: every choice and every optional field is set to each of
 * its values in doorways that differ, and something of the plan, the work, the marks, the list or the findings moves.
 */

/** What is asked to be drawn as it is, and counts nowhere. */
const DRAWN_ONLY = [
    'survey.wall.crown.projection' => 'headroom is the ceiling less the crown, however far that stands out',
];

const SLEEVE = ['kind' => 'sleeve', 'diameter' => 10, 'embedment' => 60, 'tension_N' => 900, 'shear_N' => 1500];

/** Doorways that between them have what the answers are about. @return array<string, array<string, mixed>> */
function doorwaysToAsk(): array
{
    return [
        'kiln-room' => [],
        'kiln-room, in hand' => ['brief.in_hand' => ['width' => 974, 'height' => 2143, 'thickness' => [40, 41]]],
        'kiln-room, hinged out' => ['survey.opening.was' => 'hinged-out'],
        'kiln-room, with a handle' => [
            'brief.pulls' => ['front' => ['kind' => 'bar', 'width' => 24, 'height' => 300, 'projection' => 45]],
        ],
        'kiln-room, with a handle at the corner' => [
            'survey.wall.from' => 880,
            'brief.rules.side_overlap' => 15,
            'brief.leaf.stile' => 60,
            'brief.pulls' => [
                'front' => ['kind' => 'bar', 'width' => 24, 'height' => 300, 'projection' => 45],
                'wall' => ['kind' => 'bar', 'width' => 24, 'height' => 300, 'projection' => 8],
            ],
        ],
        'kiln-room, under a picture rail' => [
            'survey.wall.picture_rail' => ['height' => 2150, 'projection' => 30],
        ],
        'kiln-room, in a short wall' => ['survey.wall.from' => 640, 'survey.wall.to' => 2740],
        'kiln-room, in a corridor' => ['survey.wall.walkway' => 900],
        'kiln-room, over its casing' => ['brief.rules.reach' => 'above-casing'],
        'kiln-room, on carpet' => ['survey.floor.finish' => 'carpet'],
        'kiln-room, on carpet, with a plate' => [
            'survey.floor.finish' => 'carpet',
            'survey.floor.plate' => 6,
            'survey.floor.datum' => 'floor',
        ],
        'kiln-room, on a wall of masonry' => [
            'survey.wall.lining' => ['kind' => 'masonry', 'thickness' => 0],
            'brief.backing' => 'masonry',
            'brief.anchor' => SLEEVE,
        ],
        'kiln-room, before a baseboard' => ['survey.baseboard' => ['height' => 90, 'thickness' => 24]],
        'kiln-room, between buffers' => [
            'brief.ends' => ['shut' => ['by' => 'wall-buffer'], 'open' => ['by' => 'wall-buffer']],
        ],
        'map-archive, between buffers' => [
            'brief.ends' => ['shut' => ['by' => 'wall-buffer'], 'open' => ['by' => 'wall-buffer']],
        ],
        'reclaim-bay, between buffers' => [
            'brief.ends' => ['shut' => ['by' => 'wall-buffer'], 'open' => ['by' => 'wall-buffer']],
        ],
        'kiln-room, behind a wide door' => ['brief.leaf.width' => 1300],
        'drying-niche' => [
            'brief.anchor' => SLEEVE,
        ],
        'map-archive, both in hand' => [
            'brief.in_hand' => [
                'width' => 974,
                'height' => 2290,
                'mass_kg' => 3,
                'second' => ['width' => 974, 'height' => 2290, 'thickness' => [44, 44], 'mass_kg' => 3],
            ],
        ],
        'glaze-store' => [],
        'packing-loft' => [],
        'map-archive' => [],
        'reclaim-bay' => [],
    ];
}

/** Leaves that are built the way that a field of them is about. @return array<string, array<string, mixed>> */
function builtToAsk(string $path): array
{
    $isOfMaking = str_starts_with($path, 'brief.rules.making.');
    if ($isOfMaking || in_array($path, ['brief.rules.rest', 'brief.rules.clamp'], true)) {
        return array_merge(...array_map(builtToAsk(...), [
            'brief.leaf.made.board', 'brief.leaf.made.fix', 'brief.leaf.made.infill', 'brief.leaf.made.from', 'brief.leaf.made.panes',
        ]), ...[oldDoorsToAsk()]);
    }
    $around = Doorways::madeAround($path);
    $built = fn (array $more) => ['brief.leaf.thickness' => null, 'brief.leaf.stile' => null, ...$around, ...$more];
    $at = 'brief.leaf.made';
    $way = $around === [] ? '' : $around[$at]->way;

    return $around === []
        ? []
        : [
            "kiln-room, {$way}" => $built([]),
            "kiln-room, {$way}, backed by boards" => $built(["{$at}.back.kind" => 'boards']),
            "kiln-room, {$way}, richer" => $built([
                "{$at}.back.kind" => 'boards',
                "{$at}.infill.pattern" => 'chevron',
                "{$at}.frame.middles" => 1,
                "{$at}.panes" => (object) ['columns' => 2, 'rows' => 3],
                "{$at}.brace" => 'z',
                "{$at}.species" => 'larch',
                "{$at}.moisture" => 12.5,
                "{$at}.fix" => 'clinch',
                'brief.leaf.width' => 1300,
            ]),
        ];
}

/** Old doors of which much is wrong: narrow, short, panelled, hollow. @return array<string, array<string, mixed>> */
function oldDoorsToAsk(): array
{
    $hole = (object) ['edge' => 'leading', 'v' => 1000, 'height' => 90, 'width' => 20, 'depth' => 60];
    $old = fn (array $more) => (object) [
        'width' => 440,
        'height' => 2240,
        'thickness' => 38,
        'stile' => 61,
        'top' => 100,
        'bottom' => 150,
        'bores' => [$hole],
        ...$more,
    ];
    $made = fn (string $join, object ...$from) => [
        'brief.leaf.thickness' => null,
        'brief.leaf.stile' => null,
        'brief.leaf.made' => (object) ['way' => 'joined', 'join' => $join, 'from' => array_values($from)],
    ];

    return [
        'kiln-room, of narrow doors' => $made('plates', $old([]), $old([])),
        'kiln-room, hung at its edges' => ['brief.kit' => 'flat-40-top', ...$made('plates', $old(['top' => 45]), $old(['top' => 45]))],
        'kiln-room, of wide doors' => $made('dowels', $old(['width' => 505]), $old(['width' => 505])),
        'kiln-room, of hollow doors' => $made(
            'spline',
            $old(['kind' => 'hollow', 'stile' => 10, 'bottom' => 30]),
            $old(['kind' => 'hollow', 'stile' => null, 'bottom' => null]),
        ),
    ];
}

function documentToAsk(string $name, array $changes): Document
{
    return Doorways::document(explode(',', $name)[0], $changes);
}

/** @return array<string, Closure(): mixed> all that an answer can move, by what it is, the quickest first */
function whatStands(Document $document): array
{
    $setout = Setout::quick($document, Doorways::kits());
    $plan = $setout->plan;
    $findings = fn () => array_map(
        fn (Finding $finding) => [$finding->code->value, $finding->how, $finding->severity->value, $finding->with],
        $setout->findings,
    );
    if ($plan === null) {
        return ['finding' => $findings];
    }

    return [
        'finding' => $findings,
        'sheet' => fn () => KitCheck::of($plan->kit),
        'reading' => fn () => Heights::of($plan),
        'caution' => fn () => Cautions::of($plan),
        'word' => fn () => $plan->doorway->writer()->show($plan->yokeLine()),
        'tape' => fn () => $plan->doorway->writer()->showOnTape($plan->yokeLine()),
        'hand' => fn () => [AtHand::hanger($plan), AtHand::stop($plan), AtHand::guide($plan)],
        'check' => fn () => RunCheck::of($plan),
        'card' => fn () => [
            array_map(fn (PlannedLeaf $leaf) => Drilling::of($plan, $leaf), array_values($plan->leaves())),
            array_map(fn (PlannedLeaf $leaf) => Drilling::trims($plan, $leaf), array_values($plan->leaves())),
            $plan->lineHeights(),
        ],
        'plan' => fn () => array_diff_key(PlanWriter::write($plan, []), ['findings' => true]),
        'mark' => fn () => MarksWriter::write($plan),
        'list' => fn () => Materials::of($plan),
        'work' => fn () => array_intersect_key(
            WorkWriter::write($plan),
            ['order' => true, 'materials' => true, 'drive' => true],
        ),
    ];
}

/** What takes no time to work: it is looked for in every doorway before the rest is in any. */
const QUICK = 8;

/**
 * Whether anything of a doorway moves by a change: worked as far as the first thing that does.
 *
 * @param  ?array<string, Closure(): mixed>  $stands  after it; null where it cannot be read
 */
function isMovedBy(Document $before, ?array $stands, int $from = 0, ?int $count = null): bool
{
    static $stood = [];
    $name = $before->toJson();
    if ($stands === null) {
        return false;
    }
    $stood[$name]['by'] ??= whatStands($before);
    foreach (array_slice($stood[$name]['by'], $from, $count) as $what => $was) {
        $stood[$name][$what] ??= serialize($was());
        if (! isset($stands[$what]) || serialize($stands[$what]()) !== $stood[$name][$what]) {
            return true;
        }
    }

    return false;
}

/** @return ?array<string, Closure(): mixed> */
function whatStandsIfRead(Document $document): ?array
{
    try {
        return whatStands($document);
    } catch (UnreadableFile) {
        return null;
    }
}

/** An answer put in; what is told in one of two units is told in the other no more. */
function said(Document $document, string $path, mixed $value): Document
{
    $metric = strtr($path, ['_lbf' => '_N', '_lb' => '_kg', '_sqft' => '_m2']);

    return ($metric === $path ? $document : $document->without($metric))->with($path, $value);
}

/**
 * All of the first doorway is worked, which most answers move; of the others what is quick, and then the rest.
 *
 * @param  array<array-key, array{Document, Document}>  $doorways  before and after
 */
function isAnyMoved(array $doorways): bool
{
    $stands = [];
    $first = array_slice($doorways, 0, 1, preserve_keys: true);
    foreach ([[$first, 0, null], [$doorways, 0, QUICK], [$doorways, QUICK, null]] as [$some, $from, $count]) {
        foreach ($some as $i => [$before, $after]) {
            if (! array_key_exists($i, $stands)) {
                $stands[$i] = whatStandsIfRead($after);
            }
            if (isMovedBy($before, $stands[$i], $from, $count)) {
                return true;
            }
        }
    }

    return false;
}

function movesADoorway(string $path, mixed $value): bool
{
    $doorways = [];
    foreach (builtToAsk($path) ?: doorwaysToAsk() as $name => $changes) {
        $document = documentToAsk($name, $changes);
        $doorways[] = [$document, said($document, $path, $value)];
    }

    return isAnyMoved($doorways);
}

/** Whether an answer moves something, or one of several: no more are tried then. */
function isAnyOf(mixed $answer, callable $moves): bool
{
    foreach (is_array($answer) ? $answer : [$answer] as $one) {
        if ($moves($one)) {
            return true;
        }
    }

    return false;
}

/** What a field may be answered, other than what is usual. @return list<mixed> */
function answersTo(Field $field): array
{
    $usual = $field->usualIn(Unit::Millimetre);
    $more = ($usual ?? Length::mm(30))->plus(Length::mm(9));
    $times = fn (int $by) => Length::nm(intdiv(($usual ?? Length::zero())->nm * $by, 10))->toMm().' mm';

    return match ($field->type) {
        FieldType::Choice => array_values(array_diff($field->answers, [(string) $field->usual])),
        FieldType::Flag => [$field->usual !== true],
        FieldType::Length => $field->section === 'making' ? [array_map($times, [5, 20, 90, 2])] : [["{$more->toMm()} mm", '900 mm', '2900 mm', 0]],
        // Little and much: of two leaves only the heavier counts.
        FieldType::Amount => [is_numeric($field->usual) ? $field->usual + 1 : [5, 50]],
        FieldType::Count => [(int) $field->usual + 1],
        default => [],
    };
}

dataset('answers', function () {
    foreach (['brief', 'survey'] as $part) {
        foreach (Catalog::whole()->of($part) as $path => $field) {
            foreach (str_contains($path, '[]') || isset(DRAWN_ONLY[$path]) ? [] : answersTo($field) as $answer) {
                yield $path.' '.match (true) {
                    is_array($answer) => 'otherwise',
                    is_bool($answer) => $answer ? 'yes' : 'no',
                    default => $answer,
                } => [$path, $answer];
            }
        }
    }
});

test('an answer that is given moves something', function (string $path, mixed $answer) {
    expect(isAnyOf($answer, fn (mixed $one) => movesADoorway($path, $one)))->toBeTrue($path);
})->with('answers');

/**
 * What of an item in a list, or of a kit's sheet, says who found it or what it is called, and what it costs: shown
 * with it, and worth nothing to the plan.
 */
const SHOWN_ONLY = [
    'survey.studs[].source',
    'survey.hazards[].source',
    'survey.obstacles[].name',
    'kit.units',
    'kit.id',
    'kit.name',
    'kit.price',
    'kit.wheels[].price',
];

/** A list that has one of everything, where a doorway has none of it. @return array<string, list<array<string, mixed>>> */
function itemsToAsk(): array
{
    return [
        'survey.parts' => [['part' => 'rail', 'count' => 1, 'how' => 'missing']],
        'survey.studs' => [['x' => 700], ['x' => 1100], ['x' => 1500], ['x' => 1900], ['x' => 2300], ['x' => 2700]],
        'survey.hazards' => [['kind' => 'cable', 'x' => [1600, 1630], 'y' => [0, 2400]]],
        'survey.obstacles' => [['kind' => 'shelf', 'x' => [2500, 2600], 'y' => [0, 1100], 'projection' => 120]],
        'survey.solids' => [['kind' => 'blocking', 'x' => [600, 2900], 'y' => [2150, 2250]]],
        'survey.floor.readings' => [['x' => 900, 'level' => 0], ['x' => 2600, 'level' => 4]],
    ];
}

function itemMoves(string $list, string $key, mixed $value): bool
{
    $doorways = [];
    foreach ([['header', []], ['direct', []], ['header', ['brief.purpose' => ['space']]]] as [$backing, $more]) {
        $document = Doorways::document('kiln-room', [
            $list => array_map(fn (array $item) => (object) $item, itemsToAsk()[$list]),
            'brief.backing' => $backing,
            ...$more,
        ]);
        $doorways[] = [$document, $document->with("{$list}[0].{$key}", $value)];
    }

    return isAnyMoved($doorways);
}

dataset('answers in lists', function () {
    foreach (Catalog::whole()->of('survey') as $path => $field) {
        if (! str_contains($path, '[].') || in_array($path, SHOWN_ONLY, true)) {
            continue;
        }
        [$list, $key] = explode('[].', $path);
        $answers = $field->type === FieldType::Span
            ? [[[1480, 1500], [2150, 2380], [0, 90]]]
            : ($field->type === FieldType::Text
                ? [['pipe', 'blocking', 'furniture']]
                : ($field->type === FieldType::Amount ? [[0.5]] : answersTo($field)));
        foreach ($answers as $answer) {
            $called = is_array($answer) ? 'otherwise' : json_encode($answer);
            yield "{$path} {$called}" => [$list, $key, $answer];
        }
    }
});

test('an answer in a list moves something', function (string $list, string $key, mixed $answer) {
    expect(isAnyOf($answer, fn (mixed $one) => itemMoves($list, $key, $one)))->toBeTrue("{$list}[].{$key}");
})->with('answers in lists');

/** Whether a number of the kit's sheet moves anything, in doorways that are planned with it. */
function sheetMoves(string $key, mixed $value): bool
{
    $roller = [
        'style' => 'wall-roller',
        'length' => 60,
        'blade_height' => 0,
        'blade_thickness' => 0,
        'min_engagement' => 12,
    ];
    $fin = [...$roller, 'style' => 't-fin', 'blade_height' => 22, 'blade_thickness' => 5];
    $pieces = fn (string $right, string $left) => [
        (object) ['length' => 710, 'left' => 'plain', 'right' => $right],
        (object) ['length' => 710, 'left' => $left, 'right' => $right],
        (object) ['length' => 710, 'left' => $left, 'right' => 'plain'],
    ];
    $ways = [
        ['kiln-room', [], []],
        ['map-archive', [], []],
        [
            'reclaim-bay',
            ['brief.rules.hangers' => '2', 'brief.leaf.mass_kg' => 65],
            ['wheel' => (object) ['material' => 'nylon', 'capacity_kg' => 30]],
        ],
        ['kiln-room', ['brief.ends.open.by' => 'wall-buffer'], ['height' => (object) ['value' => 100]]],
        [
            'kiln-room',
            ['brief.leaf.mass_kg' => 58, 'brief.rules.guide' => 'roller', 'brief.rules.wheels' => 'steel'],
            ['guides' => [(object) $roller]],
        ],
        ['glaze-store', ['brief.rules.guide' => 'fin'], ['guides' => [(object) $fin]]],
        ['kiln-room', ['brief.leaf.mass_kg' => 58], ['wheels' => [(object) ['material' => 'nylon', 'capacity_kg' => 30]]]],
        [
            'kiln-room',
            ['brief.header.thickness' => 38, 'brief.leaf.width' => 1300, 'survey.wall.ceiling' => 2240],
            [
                'contents' => [(object) ['part' => 'rail bolt', 'count' => 1, 'into' => '']],
                'bolt' => (object) ['diameter' => 8, 'length' => 90],
            ],
        ],
        ['kiln-room', [], ['pieces' => $pieces('male', 'female')]],
        ['kiln-room', [], ['pieces' => $pieces('plate', 'plate')]],
        // Its rail is cut from a longer bar, and new holes are bored.
        ['kiln-room', ['survey.wall.from' => 640, 'survey.wall.to' => 2740], ['lengths' => [3050]]],
    ];
    $doorways = [];
    foreach ($ways as [$name, $changes, $more]) {
        $id = (string) Doorways::document($name)->get('brief.kit');
        $sheet = array_values(
            array_filter((array) Doorways::shelf()->get('kits'), fn ($kit) => $kit->id === $id),
        )[0];
        $sheet->soft_close ??= (object) ['stroke' => 66, 'catch_length' => 240, 'min_leaf_width' => 720];
        $sheet->soft_close->screws = (object) ['short' => 16, 'long' => 35];
        foreach ($more as $of => $is) {
            $sheet->{$of} = $is;
        }
        if (isset($more['wheel'])) {
            unset($sheet->wheels);
        }
        if (isset($more['height'])) {
            unset($sheet->rise);
        }
        if (isset($more['pieces'])) {
            $sheet->rail->pieces = $more['pieces'];
        }
        if (isset($more['lengths'])) {
            $sheet->rail->lengths = $more['lengths'];
            $sheet->rail->first_fixing_within = 100;
        }
        $document = Doorways::document($name, [...$changes, 'kit' => $sheet]);
        $doorways[] = [$document, said($document, "kit.{$key}", $value)];
    }

    return isAnyMoved($doorways);
}

dataset('answers on a sheet', function () {
    foreach (Catalog::whole()->of('kit') as $path => $field) {
        if (in_array($path, SHOWN_ONLY, true) || in_array($field->type, [FieldType::Items, FieldType::Choices], true)) {
            continue;
        }
        $answers = match ($field->type) {
            FieldType::Span => [[[30, 36]]],
            FieldType::Lengths => [[[500, 900], [1900, 2000], [0, 20]]],
            FieldType::Text => [['steel', 'rail bolt 12', 'board']],
            FieldType::Amount => [[5, 3, 40]],
            FieldType::Flag => [[true, false]],
            default => answersTo($field),
        };
        foreach ($answers as $answer) {
            $called = is_array($answer) ? 'otherwise' : json_encode($answer);
            yield "{$path} {$called}" => [
                str_replace(['pieces[]', '[]'], ['pieces[1]', '[0]'], substr($path, strlen('kit.'))),
                $answer,
            ];
        }
    }
});

test('an answer on the sheet of a kit moves something', function (string $key, mixed $answer) {
    expect(isAnyOf($answer, fn (mixed $one) => sheetMoves($key, $one)))->toBeTrue($key);
})->with('answers on a sheet');
