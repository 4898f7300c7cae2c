<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use YokeLine\Holding\Alternatives;
use YokeLine\Holding\Anchoring;
use YokeLine\Holding\Schedule;
use YokeLine\Planning\Plan;

/* What a wall holds: fixings, their places, what each bears, what else there is. */

Approved::ofDoorways('Holding', [
    'anchoring' => fn (Plan $plan) => Anchoring::of($plan),
    'schedule' => fn (Plan $plan) => Schedule::of($plan),
    'alternatives' => fn (Plan $plan) => [Alternatives::of($plan), Alternatives::longer($plan)],
    'holes as they are taken up' => fn (Plan $plan) => array_map(
        fn (string $leaf) => Anchoring::of($plan)->taken($leaf, $plan->leaves()[$leaf]->run->travel->total->half()),
        array_combine(array_keys($plan->leaves()), array_keys($plan->leaves())),
    ),
]);

Approved::ofFields(
    'Holding',
    'fixings',
    Approved::asked(),
    'kiln-room',
    [],
    fn (?Plan $plan) => $plan === null ? null : [Anchoring::of($plan), Schedule::of($plan)],
);
