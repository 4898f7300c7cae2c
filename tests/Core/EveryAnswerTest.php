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
use YokeLine\Marks\Drilling;
use YokeLine\Marks\Heights;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Setout;
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

function documentToAsk(string $name, array $changes): Document
{
    return Doorways::document(explode(',', $name)[0], $changes);
}

/** @return array<string, string> all that an answer can move, by what it is */
function whatStands(Document $document, array $kits): array
{
    $setout = Setout::quick($document, $kits);
    $plan = $setout->plan;
    $said = array_map(
        fn (Finding $finding) => [$finding->code->value, $finding->how, $finding->severity->value, $finding->with],
        $setout->findings,
    );
    if ($plan === null) {
        return ['finding' => serialize($said)];
    }
    $written = PlanWriter::write($plan, []);
    unset($written['findings']);
    $work = WorkWriter::write($plan);

    return [
        'finding' => serialize($said),
        'plan' => serialize($written),
        'mark' => serialize(MarksWriter::write($plan)),
        'step' => serialize($work['order']),
        'line' => serialize($work['materials']),
        'reading' => serialize(Heights::of($plan)),
        'turn' => serialize($work['drive']),
        'card' => serialize([
            array_map(fn (PlannedLeaf $leaf) => Drilling::of($plan, $leaf), array_values($plan->leaves())),
            array_map(fn (PlannedLeaf $leaf) => Drilling::trims($plan, $leaf), array_values($plan->leaves())),
            $plan->lineHeights(),
        ]),
        'hand' => serialize([AtHand::hanger($plan), AtHand::stop($plan), AtHand::guide($plan)]),
        'check' => serialize(RunCheck::of($plan)),
        'caution' => serialize(Cautions::of($plan)),
    ];
}

/** @return list<string> */
function whatMoved(string $path, mixed $value): array
{
    static $before = [];
    $moved = [];
    foreach (doorwaysToAsk() as $name => $changes) {
        $document = documentToAsk($name, $changes);
        $before[$name] ??= whatStands($document, Doorways::kits());
        try {
            $after = whatStands($document->with($path, $value), Doorways::kits());
        } catch (UnreadableFile) {
            continue;
        }
        foreach ($before[$name] as $what => $stood) {
            ($after[$what] ?? '') === $stood || ($moved[$what] = true);
        }
    }

    return array_keys($moved);
}

/** What a field may be answered, other than what is usual. @return list<mixed> */
function answersTo(Field $field): array
{
    $usual = $field->usualIn(Unit::Millimetre);
    $more = ($usual ?? Length::mm(30))->plus(Length::mm(9));

    return match ($field->type) {
        FieldType::Choice => array_values(array_diff($field->answers, [(string) $field->usual])),
        FieldType::Flag => [$field->usual !== true],
        FieldType::Length => [[$more->toMm(), 900, 2900, 0]],
        FieldType::Amount => [is_numeric($field->usual) ? $field->usual + 1 : 5],
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
    $moved = [];
    foreach (is_array($answer) ? $answer : [$answer] as $one) {
        $moved = $moved === [] ? whatMoved($path, $one) : $moved;
    }

    expect($moved)->not->toBe([], $path);
})->with('answers');
