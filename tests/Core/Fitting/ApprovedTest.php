<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use YokeLine\Fitting\Fitting;
use YokeLine\Fitting\SizeCard;
use YokeLine\Planning\Plan;

/* Which leaves a doorway takes. */

Approved::ofDoorways('Fitting', [
    'size card' => fn (Plan $plan) => SizeCard::of($plan),
    'fits' => fn (Plan $plan) => Fitting::each($plan, SizeCard::of($plan)),
], ['kiln-room', 'map-archive', 'slip-store', 'in throwing-room', 'clay-store', 'glaze-store']);
