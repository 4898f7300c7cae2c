<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use YokeLine\Inspection\Cautions;
use YokeLine\Inspection\KitCheck;
use YokeLine\Planning\Plan;
use YokeLine\Setout;
use YokeLine\Work\Order;

/* What is found, what would cure it, what one is cautioned of. */

Approved::ofDoorways('Inspection', [
    'findings' => fn (Plan $plan, Setout $setout) => [$setout->verdict(), $setout->findings],
    'cautions' => fn (Plan $plan) => [
        Cautions::of($plan), Cautions::forCustomer($plan), Cautions::people($plan), KitCheck::of($plan->kit),
        array_map(fn ($step) => Cautions::at($step, $plan), Order::of($plan)->steps),
    ],
]);
