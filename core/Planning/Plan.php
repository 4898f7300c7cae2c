<?php

namespace YokeLine\Planning;

use YokeLine\Doorway\Doorway;
use YokeLine\Doorway\FloorReading;
use YokeLine\Doorway\Kit;
use YokeLine\Measure\Length;
use YokeLine\Measure\Sum;

/** What comes out: every number of the set-out, each with the sum it came from. */
final readonly class Plan
{
    public function __construct(
        public Doorway $doorway,
        public Kit $kit,
        public Room $room,
        public Layout $layout,
        public Floor $floor,
        public Heights $heights,
        public Rail $rail,
        public ?Header $header,
        public Depth $depth,
        public GuidePlace $guide,
        public Mass $mass,
        public Length $thickness,
    ) {}

    public function yokeLine(): Length
    {
        return $this->heights->yokeLine->total;
    }

    /** What a tape shows from the floor at x up to the yoke line. */
    public function tapeUp(Length $x): Length
    {
        return $this->yokeLine()->minus($this->floor->at($x));
    }

    /** Gap under the leaf's foot at x. */
    public function gapAt(Length $x): Length
    {
        return $this->doorway->brief->rules->gap->minus($this->floor->at($x));
    }

    /** @return list<array{x: Length, up: Length}> one tape reading per floor reading, in the survey's order */
    public function pullsUp(): array
    {
        return array_map(fn (FloorReading $at) => ['x' => $at->x, 'up' => $this->tapeUp($at->x)], $this->doorway->survey->floor);
    }

    /** Whether the kit's soft close is fitted: wanted, and the leaf and its travel suffice. */
    public function softCloseFits(): bool
    {
        $soft = $this->kit->softClose;

        return $soft !== null && $this->doorway->brief->rules->softClose
            && ! $this->layout->run->travel->total->isUnder($soft->stroke->times(2)->minus(Tolerance::tape()))
            && ! $this->layout->width->size->total->isUnder($soft->minLeafWidth->minus(Tolerance::tape()));
    }

    /**
     * Where the trigger stands on the leaf's top edge, from either edge. The catch lies on the rail from the stop's face inward
     * and takes the trigger at its inner end, `stroke` before the stop: inset - reach + catch length - stroke.
     */
    public function triggerInset(): ?Sum
    {
        $soft = $this->kit->softClose;

        return $soft === null ? null : Sum::of('Trigger from the edge of the leaf')->plus('hanger inset', $this->layout->run->hangerInset)->minus('stop reach', $this->kit->stop->reach)
            ->plus('catch length', $soft->catchLength)->minus('stroke', $soft->stroke);
    }

    /**
     * Every number that can show where it came from, by the key it has in the plan's file.
     *
     * @return array<string, Sum>
     */
    public function sums(): array
    {
        $layout = $this->layout;

        return array_filter([
            'yoke_line' => $this->heights->yokeLine,
            'head_y' => $this->heights->head,
            'top_gap' => $this->heights->topGap,
            'headroom_needed' => $this->heights->headroomNeeded,
            'leaf.width' => $layout->width->size,
            'leaf.need_width' => $layout->width->needed,
            'leaf.height' => $this->heights->leaf->size,
            'leaf.need_height' => $this->heights->leaf->needed,
            'leaf.greatest_height' => $this->heights->greatest,
            'leaf.left' => $layout->run->left,
            'leaf.right' => $layout->run->right,
            'travel' => $layout->run->travel,
            'travel_wanted' => $layout->run->wanted,
            'clear_width' => $layout->passage,
            'rail.length' => $this->rail->length,
            'rail.min_length' => $this->rail->least,
            'stops.closed' => $layout->stops['closed'] ?? null,
            'stops.open' => $layout->stops['open'] ?? null,
            'header.bottom' => $this->header?->foot,
            'header.top' => $this->header?->top,
            'depth.rail_centre' => $this->depth->rail,
            'depth.leaf_front' => $this->depth->leafFront,
            'depth.leaf_back' => $this->depth->leafBack,
            'depth.clearance' => $this->depth->clearance,
            'guide.hold' => $this->guide->hold,
            'soft_close.trigger' => $this->triggerInset(),
        ]);
    }
}
