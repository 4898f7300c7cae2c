<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use YokeLine\Planning\Plan;

/* The whole plan of a doorway, number for number. */

Approved::ofDoorways('Planning', ['plan' => fn (Plan $plan) => $plan]);
