<?php

declare(strict_types=1);

namespace YokeLine\Ways;

use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\Kit;
use YokeLine\Holding\Anchoring;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Inspector;
use YokeLine\Planner\Workshop;
use YokeLine\Planning\Plan;

/**
 * Whether a way that would work is held by this wall. Ways that hang alike and differ in the height of their leaf alone
 * share their anchoring:
 * what each fixing takes goes by what hangs there.
 */
final class Judge
{
    /** @var array<string, Anchoring> */
    private array $anchorings = [];

    /** @var array<string, Way> */
    private array $judged = [];

    /** @param  array<string, Kit>  $kits  by id */
    public function __construct(
        private readonly Doorway $doorway,
        private readonly Workshop $workshop,
        private readonly array $kits,
    ) {}

    /** The way with what its anchoring adds to it. */
    public function judge(Way $way): Way
    {
        return $this->judged[$way->sameAs()] ??= $way->works() && ! $way->isHeld ? $this->asked($way) : $way;
    }

    private function asked(Way $way): Way
    {
        $choice = $way->choice;
        $plan = $this->workshop->plan(
            $choice->in($this->doorway->brief),
            $this->kits[$choice->kit],
            $choice->along(),
            $choice->up(),
        );
        $context = new CheckContext(
            $plan,
            [],
            curing: false,
            anchoring: $this->anchoring($plan, "{$choice->along()} {$plan->backing()->value}"),
        );

        return $way->heldBy(Inspector::anchorsUntilStop($context));
    }

    private function anchoring(Plan $plan, string $along): Anchoring
    {
        $survey = $this->doorway->survey;
        // What is in the wall at some height only, or masonry round the opening, makes every height its own.
        $byHeight =
            $survey->solids !== [] || $survey->hazardsThatStay() !== [] || $survey->isMasonry()
                ? $plan->yokeLine()->nm
                : '';
        $onBoard = $plan->header === null ? '' : $plan->yokeLine()->minus($plan->header->foot->total)->nm;
        $key = "{$along} {$byHeight} {$onBoard} {$plan->hangers()->count}";
        $this->anchorings[$key] ??= Anchoring::of($plan);

        return $this->anchorings[$key]->plan === $plan
            ? $this->anchorings[$key]
            : $this->anchorings[$key]->carrying($plan);
    }
}
