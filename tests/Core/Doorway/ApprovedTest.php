<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use YokeLine\Planning\Plan;

/* A doorway as it is read. */

Approved::ofDoorways('Doorway', [
    'as read' => fn (Plan $plan) => get_object_vars($plan->doorway),
    'kit as read' => fn (Plan $plan) => get_object_vars($plan->kit),
]);
