<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Planning\Grid;
use YokeLine\Planning\Plan;
use YokeLine\Work\StepKind;

/** The leaf that came is wider or thicker than drawn. */
final readonly class LeafDiffers
{
    /** Less air behind a leaf than this is none. */
    public const CLEAR_MM = 5;

    /**
     * @param  string  $leaf  which it is
     * @param  non-empty-list<Length>  $thicknesses  at the hangers
     */
    public function __construct(
        private OnSite $site,
        private string $leaf,
        private Length $width,
        private array $thicknesses,
    ) {}

    /** The plan with this leaf, the rail where it is. */
    public function now(): Plan
    {
        return $this->site->again($this->changes()) ?? $this->site->plan;
    }

    /** Whether the rail, where it is, still reaches past both stops. */
    public function railCovers(): bool
    {
        $least = $this->now()->layout->leastRail();

        return ! $least->low->isUnder($this->site->plan->rail->span->low) &&
            ! $least->high->isOver($this->site->plan->rail->span->high);
    }

    /** @return list<WayOut> */
    public function ways(): array
    {
        return WayOut::ranked([$this->take(), $this->trim()]);
    }

    private function take(): WayOut
    {
        $range = $this->site->plan->kit->leafThickness;
        $thick = Length::greatest(...$this->thicknesses);
        $thin = Length::least(...$this->thicknesses);
        $packs = array_map(fn (Length $one) => $range->high->minus($one), $this->thicknesses);
        $now = $this->now();
        $works =
            $this->railCovers() &&
            ! $thin->isUnder($range->low) &&
            ! $thick->isOver($range->high) &&
            ! $now->depths[$this->leaf]->clearance->total->isUnder(Length::mm(self::CLEAR_MM));
        $guide = $now->leaves()[$this->leaf]->guide;

        return new WayOut(
            'leaf-differs',
            'take-as-is',
            $works,
            0,
            [],
            0,
            match (true) {
                ! $this->railCovers() => 'rail',
                ! $works => 'kit',
                $thick->equals($thin) => 'alike',
                default => 'washers',
            },
            [
                'bolt_pack' => $packs,
                'strap_washers_on_thinner' => $thick->minus($thin),
            ],
            $this->site->written($this->changes()),
            with: [
                'stops' => array_map(fn ($face) => $face->total, array_values($now->layout->stops)),
                'guide' => $guide->at === null ? '' : new Message('recovery.guide-to', ['at' => $guide->at]),
                'packs' => $packs,
                'washers' => $thick->minus($thin),
                'least' => $range->low,
                'greatest' => $range->high,
                'clearance' => $now->depths[$this->leaf]->clearance->total,
            ],
        );
    }

    private function trim(): WayOut
    {
        $plan = $this->site->plan;
        $edge = Grid::of($plan->doorway)->upToSixteenth($this->width->minus($plan->layout->width->size->total)->half());
        $limit = $plan->doorway->brief->leaf->trimLimit;
        $works = $edge->isPositive() && ($limit->isZero() || ! $edge->isOver($limit));
        $redo = [StepKind::TrimLeaf, StepKind::CoatLeaf];

        return new WayOut(
            'leaf-differs',
            'trim',
            $works,
            2,
            $redo,
            $this->site->minutes($redo),
            match (true) {
                $works => $limit->isZero() ? 'not-told' : 'cut',
                $edge->isPositive() => 'too-much',
                default => 'not-wider',
            },
            ['each_edge' => $edge],
            with: ['limit' => $limit],
        );
    }

    /** @return array<string, Length> */
    private function changes(): array
    {
        return [
            'brief.leaf.width' => $this->width,
            'brief.leaf.height' => $this->site->plan->heights->leaf->size->total,
            'brief.leaf.thickness' => Length::greatest(...$this->thicknesses),
            'brief.rules.rail_left' => $this->site->plan->rail->span->low,
        ];
    }
}
