<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use YokeLine\Catalog\Catalog;
use YokeLine\Marks\AsShown;
use YokeLine\Marks\Drilling;
use YokeLine\Marks\Heights;
use YokeLine\Marks\Proof;
use YokeLine\Marks\Props;
use YokeLine\Marks\Pulls;
use YokeLine\Marks\RunningMarks;
use YokeLine\Marks\StoryStrip;
use YokeLine\Marks\Tapes;
use YokeLine\Planning\Plan;

/* Every mark, as it is read off each tape, pulled and bored. */

Approved::ofDoorways('Marks', [
    'tapes' => fn (Plan $plan) => [Tapes::wall($plan), Tapes::board($plan), Tapes::rail($plan), Tapes::floor($plan)],
    'tapes of the leaf' => fn (Plan $plan) => [Tapes::acrossAll($plan), Tapes::down($plan), Tapes::up($plan)],
    'running marks' => fn (Plan $plan) => [
        RunningMarks::along($plan), RunningMarks::up($plan), RunningMarks::heights($plan),
        RunningMarks::rows($plan), RunningMarks::readings($plan),
    ],
    'heights' => fn (Plan $plan) => [Heights::highSpot($plan), Heights::of($plan), Heights::marks($plan)],
    'strip' => fn (Plan $plan) => [StoryStrip::of($plan), Props::of($plan), AsShown::of($plan)],
    'drilling' => fn (Plan $plan) => array_map(fn ($leaf) => Drilling::of($plan, $leaf), $plan->leaves()),
    'trims' => fn (Plan $plan) => [
        Drilling::outsideSolid($plan), array_map(fn ($leaf) => Drilling::trims($plan, $leaf), $plan->leaves()),
    ],
    'pulls' => fn (Plan $plan) => Pulls::of(
        Tapes::wall($plan),
        Pulls::hooks($plan),
        $plan->doorway->tape(),
        $plan->doorway->step(),
    ),
    'hooks' => fn (Plan $plan) => [Pulls::hooks($plan, $plan->yokeLine(), true), Pulls::floorHooks($plan)],
    'proofs' => fn (Plan $plan) => array_map(fn ($x) => [
        Proof::casing($plan, $x), Proof::gaugeBlock($plan, $x), Proof::packing($plan, $x, $plan->doorway->step()),
    ], [$plan->rail->span->low, $plan->rail->span->high]),
    'the line proved' => fn (Plan $plan) => [
        Proof::place($plan), Proof::packingToTheLine($plan), Proof::templateHeight($plan),
        Proof::laidOut($plan), Proof::blockLength($plan),
    ],
]);

Approved::ofFields(
    'Marks',
    'marks',
    Catalog::whole()->of('marking') + Approved::asked(),
    'kiln-room',
    [],
    fn (?Plan $plan) => $plan === null ? null : [
        RunningMarks::along($plan), RunningMarks::heights($plan), Heights::of($plan),
    ],
);
