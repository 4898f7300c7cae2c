<?php

declare(strict_types=1);

use Tests\Core\Support\Doorways;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;
use YokeLine\Catalog\FieldType;
use YokeLine\Format\Document;
use YokeLine\Format\MarksWriter;
use YokeLine\Format\PlanWriter;
use YokeLine\Format\WorkWriter;
use YokeLine\Inspection\Cautions;
use YokeLine\Inspection\Finding;
use YokeLine\Marks\Drilling;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Setout;
use YokeLine\Work\RunCheck;

/*
 * An answer that changes nothing but its own echo is a defect: every choice and every optional field is set to each of
 * its values in doorways that differ, and something of the plan, the work, the marks, the list or the findings moves.
 */

/** Doorways that between them have what the answers are about. @return array<string, array<string, mixed>> */
function doorwaysToAsk(): array
{
    return [
        'kiln-room' => [],
        'kiln-room, in hand' => ['brief.in_hand' => ['width' => 974, 'height' => 2143, 'thickness' => [40, 41]]],
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
        fn (Finding $finding) => [$finding->code->value, $finding->how, $finding->severity->value],
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
        'turn' => serialize($work['drive']),
        'card' => serialize([
            array_map(fn (PlannedLeaf $leaf) => Drilling::of($plan, $leaf), array_values($plan->leaves())),
            Drilling::trims($plan),
            $plan->lineHeights(),
        ]),
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
        $after = whatStands($document->with($path, $value), Doorways::kits());
        foreach ($before[$name] as $what => $stood) {
            ($after[$what] ?? '') === $stood || ($moved[$what] = true);
        }
    }

    return array_keys($moved);
}

dataset('answers', function () {
    foreach (Catalog::whole()->of('brief') as $path => $field) {
        foreach ($field->type === FieldType::Choice ? $field->answers : [] as $answer) {
            if ($answer !== $field->usual) {
                yield "{$path}: {$answer}" => [$path, $answer];
            }
        }
    }
});

test('an answer that is given moves something', function (string $path, string $answer) {
    expect(whatMoved($path, $answer))->not->toBe([], "{$path}: {$answer}");
})->with('answers');
