<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use Tests\Core\Support\Told;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;
use YokeLine\Catalog\FieldType;
use YokeLine\Format\UnreadableFile;
use YokeLine\Measure\SeededRandom;
use YokeLine\Planning\NotYetMeasured;
use YokeLine\Planning\Plan;

/* A leaf that is built: its parts, where each lies, what is bought for it. */

Approved::ofDoorways('Making', ['leaf' => fn (Plan $plan) => $plan->making], [
    'kiln-room planked', 'kiln-room framed', 'kiln-room glazed', 'kiln-room joined',
]);

$unsized = ['brief.leaf.thickness' => null, 'brief.leaf.stile' => null, 'brief.leaf.mass_kg' => null];
foreach (Doorways::BUILT as $of => $way) {
    Approved::ofFields('Making', "a {$way} leaf", array_filter(
        Catalog::whole()->of('brief.leaf.made') + Catalog::whole()->of('brief.rules.making'),
        fn (Field $field) => str_contains($field->path, 'rules.making') ||
            (Doorways::madeAround($field->path)['brief.leaf.made']->way ?? 'framed') === $way,
    ), 'kiln-room', [
        ...$unsized, ...Doorways::madeAround("brief.leaf.made.{$of}"),
    ], fn (?Plan $plan) => $plan?->making);
}

/** What may be told at a field of a leaf that is built, as the dice fall: about what is usual there. */
function fallen(SeededRandom $dice, Field $field): mixed
{
    $usual = (float) ($field->usualLength['mm'] ?? 0) ?: 60.0;

    return match ($field->type) {
        FieldType::Length => (int) round($usual * $dice->between(0.5, 2.2)),
        FieldType::Lengths => [(int) $dice->between(1200, 2400), (int) $dice->between(900, 2600)],
        FieldType::Flag => $dice->is(0.5),
        FieldType::Count => (int) $dice->between(0, 4),
        FieldType::Amount => round($dice->between(6, 18), 1),
        FieldType::Choice => $dice->one($field->answers ?: ['']),
        default => null,
    };
}

/** @return array<string, mixed> changes that build a leaf as the dice fall */
function builtAsFell(SeededRandom $dice, string $of, string $way): array
{
    $made = Doorways::madeAround("brief.leaf.made.{$of}");
    foreach (Catalog::whole()->of('brief.leaf.made') as $path => $field) {
        $is = Doorways::madeAround($path)['brief.leaf.made']->way ?? $way;
        if ($path !== 'brief.leaf.made.way' && $is === $way && $dice->is(0.3)) {
            $value = fallen($dice, $field);
            $value === null || ($made[str_replace('[]', '[0]', $path)] = $value);
        }
    }

    return $made;
}

foreach (Doorways::BUILT as $of => $way) {
    foreach (range(1, 14) as $seed) {
        test("a {$way} leaf, as dice {$seed} fell, is built as it was approved", function () use ($of, $way, $seed) {
            $name = $seed % 5 === 0 ? 'map-archive' : 'kiln-room';
            $changes = builtAsFell(new SeededRandom($seed), $of, $way);
            try {
                $making = Doorways::plan($name, [
                    'brief.leaf.thickness' => null, 'brief.leaf.stile' => null, 'brief.leaf.mass_kg' => null,
                    ...$changes,
                ])->making;
            } catch (NotYetMeasured|UnreadableFile $refused) {
                $making = $refused::class;
            }
            $lines = Told::lines($making);

            Approved::holds("Making/fell/{$way} {$seed}", [
                $changes, preg_grep('/faults/', $lines), count($lines), sha1(implode("\n", $lines)),
                array_slice($lines, 0, 40),
            ]);
        });
    }
}
