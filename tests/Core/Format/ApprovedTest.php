<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use YokeLine\Format\AnchoringWriter;
use YokeLine\Format\LeafMadeWriter;
use YokeLine\Format\MarksWriter;
use YokeLine\Format\PlanWriter;
use YokeLine\Format\WorkWriter;
use YokeLine\Holding\Anchoring;
use YokeLine\Planning\Plan;
use YokeLine\Setout;

/* What is written of a doorway. */

Approved::ofDoorways('Format', [
    'plan' => fn (Plan $plan, Setout $setout) => PlanWriter::write($plan, $setout->findings),
    'work' => fn (Plan $plan) => WorkWriter::write($plan),
    'marks' => fn (Plan $plan) => MarksWriter::write($plan),
    'leaf' => fn (Plan $plan) => LeafMadeWriter::write($plan),
    'anchoring' => fn (Plan $plan) => AnchoringWriter::write(Anchoring::of($plan)),
], ['kiln-room', 'map-archive', 'in throwing-room', 'kiln-room framed', 'kiln-room joined']);
