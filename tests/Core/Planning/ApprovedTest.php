<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use YokeLine\Catalog\Catalog;
use YokeLine\Planning\Plan;

/* The whole plan of a doorway, number for number. */

Approved::ofDoorways('Planning', ['plan' => fn (Plan $plan) => $plan]);

Approved::ofFields('Planning', 'a plan', array_diff_key(Catalog::whole()->of('survey') + Catalog::whole()->of('brief'), Catalog::whole()->of('brief.leaf.made'), Catalog::whole()->of('brief.rules.making')), 'kiln-room', [], fn (?Plan $plan) => $plan);

Approved::ofFields('Planning', 'a plan of two leaves', array_diff_key(Catalog::whole()->of('survey') + Catalog::whole()->of('brief'), Catalog::whole()->of('brief.leaf.made'), Catalog::whole()->of('brief.rules.making')), 'map-archive', [], fn (?Plan $plan) => $plan);
