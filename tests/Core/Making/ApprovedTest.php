<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;
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
