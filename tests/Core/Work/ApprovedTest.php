<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use YokeLine\Planning\Plan;
use YokeLine\Work\AtHand;
use YokeLine\Work\BoxCheck;
use YokeLine\Work\Drive;
use YokeLine\Work\Facts;
use YokeLine\Work\Order;
use YokeLine\Work\RunCheck;
use YokeLine\Work\SiteMeasurements;
use YokeLine\Work\Step;
use YokeLine\Work\WorkCard;

/* The order of the work, its checks and cards, and in which turn bolts go in. */

Approved::ofDoorways('Work', [
    'order' => fn (Plan $plan) => [Order::of($plan), Facts::of($plan)],
    'cards' => fn (Plan $plan) => WorkCard::of(Order::of($plan)),
    'checks' => fn (Plan $plan) => [RunCheck::of($plan), BoxCheck::of($plan)],
    'turn of bolts' => fn (Plan $plan) => Drive::of($plan),
    'at hand' => fn (Plan $plan) => [
        AtHand::hanger($plan), AtHand::stop($plan), AtHand::catchScrews($plan), AtHand::guide($plan),
    ],
    'what is measured on site' => fn (Plan $plan) => array_map(
        fn (Step $step) => [SiteMeasurements::at($step, $plan), SiteMeasurements::linePlaces($plan)],
        Order::of($plan)->steps,
    ),
]);

Approved::ofFields(
    'Work',
    'the work',
    Approved::asked(),
    'kiln-room',
    [],
    fn (?Plan $plan) => $plan === null ? null : [Order::of($plan), RunCheck::of($plan), Drive::of($plan)],
);
