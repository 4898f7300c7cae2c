<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use YokeLine\Planning\Plan;

/* A leaf that is built: its parts, where each lies, what is bought for it. */

Approved::ofDoorways('Making', ['leaf' => fn (Plan $plan) => $plan->making], [
    'kiln-room planked', 'kiln-room framed', 'kiln-room glazed', 'kiln-room joined',
]);
