<?php

declare(strict_types=1);

namespace App\Site;

use App\Words\Speaker;
use Closure;
use YokeLine\Drawing\AsBuilt;
use YokeLine\Drawing\AtGuide;
use YokeLine\Drawing\AtHanger;
use YokeLine\Drawing\AtStop;
use YokeLine\Drawing\Elevation;
use YokeLine\Drawing\LeafBuilt;
use YokeLine\Drawing\LeafCard;
use YokeLine\Drawing\RailBolts;
use YokeLine\Drawing\Scene;
use YokeLine\Drawing\Svg;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;
use YokeLine\Work\Drive;
use YokeLine\Work\SiteMeasurements;
use YokeLine\Work\Step;
use YokeLine\Work\StepKind;

/** What a step shows as a drawing, as far as it is built also as it was built. */
final readonly class StepDrawing
{
    /**
     * @param  Closure(string): list<array{Length, Length}>  $lineBuilt  by rail, as its readings end
     * @param  Closure(string): ?Length  $read  by ask
     */
    public function __construct(
        private Plan $plan,
        private Speaker $speak,
        private Closure $lineBuilt,
        private Closure $read,
    ) {}

    public function drawing(Step $step): string
    {
        $plan = $this->plan;
        $leaf = SiteMeasurements::leafOf($step, $this->plan);
        $scene = match ($step->kind()) {
            StepKind::LeafIn, StepKind::SquareUp => $this->asItCame($leaf),
            StepKind::MarkLeaf, StepKind::BoreLeaf, StepKind::Groove => LeafCard::shortened($plan, $leaf, $this->speak),
            StepKind::MarkWall, StepKind::MarkLine, StepKind::BoardUp => Elevation::of($plan, $this->speak),
            StepKind::RailUp => RailBolts::of($plan, Drive::of($plan)->insert, $this->speak),
            StepKind::Hang, StepKind::FitHangers => AtHanger::of($plan, $this->speak),
            StepKind::RailTrue => $this->line(($this->lineBuilt)(SiteMeasurements::railOf($step, $this->plan))),
            StepKind::StopsOn, StepKind::CatchesOn, StepKind::SetStops, StepKind::SetCatches => $this->stop(),
            StepKind::MarkGuide, StepKind::FixGuide => AtGuide::cut($plan, $leaf->guideName, $this->speak),
            default => $step->kind()->isMaking() ? $this->built($leaf) : null,
        };

        return $scene === null ? '' : Svg::write($scene);
    }

    private function built(PlannedLeaf $leaf): ?Scene
    {
        $made = $this->plan->madeLeaf($leaf->name);

        return $made === null ? null : LeafBuilt::of($made, $this->speak);
    }

    private function asItCame(PlannedLeaf $leaf): ?Scene
    {
        [$width, $height] = [
            ($this->read)("leaf-width{$leaf->suffix()}"),
            ($this->read)("leaf-height{$leaf->suffix()}"),
        ];

        return $width === null && $height === null
            ? null
            : AsBuilt::leaf($this->plan, $leaf, $width, $height, $this->speak);
    }

    /** @param  list<array{Length, Length}>  $built */
    private function line(array $built): Scene
    {
        return $built === []
            ? RailBolts::of($this->plan, Drive::of($this->plan)->tighten, $this->speak)
            : AsBuilt::line($this->plan, $built, $this->speak);
    }

    private function stop(): ?Scene
    {
        return AtStop::each($this->plan, $this->speak)[0][1] ?? null;
    }
}
