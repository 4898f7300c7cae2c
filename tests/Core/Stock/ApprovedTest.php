<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use YokeLine\Catalog\Catalog;
use YokeLine\Planning\Plan;
use YokeLine\Stock\BoardsToCut;
use YokeLine\Stock\MadeCut;
use YokeLine\Stock\Materials;

/* What is bought and cut. */

Approved::ofDoorways('Stock', [
    'materials' => fn (Plan $plan) => Materials::of($plan),
    'materials without spares' => fn (Plan $plan) => Materials::of($plan, 1, 0.0),
    'boards to cut' => fn (Plan $plan) => BoardsToCut::of([$plan], ['A']),
    'leaf to cut' => fn (Plan $plan) => $plan->making === null ? null : [
        MadeCut::of($plan->making->leaf, 2), MadeCut::stock($plan->making->leaf),
    ],
]);

Approved::ofFields('Stock', 'materials', array_diff_key(Catalog::whole()->of('survey') + Catalog::whole()->of('brief'), Catalog::whole()->of('brief.leaf.made'), Catalog::whole()->of('brief.rules.making')), 'kiln-room', [], fn (?Plan $plan) => $plan === null ? null : Materials::of($plan));
