<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use YokeLine\Planning\Plan;

/* The whole plan of a doorway, number for number. */

Approved::ofDoorways('Planning', ['plan' => fn (Plan $plan) => $plan]);

Approved::ofFields(
    'Planning',
    'a plan',
    Approved::asked(),
    'kiln-room',
    [],
    fn (?Plan $plan) => $plan,
);

Approved::ofFields(
    'Planning',
    'a plan of two leaves',
    Approved::asked(),
    'map-archive',
    [],
    fn (?Plan $plan) => $plan,
);
