<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use YokeLine\Planning\Plan;
use YokeLine\Tolerance\Clearance;
use YokeLine\Tolerance\Held;

/* How far off each clearance can be, and what matters most. */

Approved::ofDoorways('Tolerance', [
    'clearances' => fn (Plan $plan) => Clearance::of($plan, $plan->doorway->marking->plusMinus),
    'inputs' => fn (Plan $plan) => Held::of($plan, $plan->doorway->marking->plusMinus),
]);
