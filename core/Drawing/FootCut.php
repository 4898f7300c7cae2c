<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Measure\Length;
use YokeLine\Planning\Depth;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\Plan;

/**
 * The foot cut through the floor guide, true to scale, the wall to the left; heights are from the high spot, the floor
 * is drawn where it really is.
 */
final readonly class FootCut
{
    /** @param  string  $guide  the one that is cut through */
    public function __construct(private Plan $plan, private string $guide, public Length $to) {}

    /** @return list<Shape> */
    public function shapes(): array
    {
        $plan = $this->plan;
        $place = $this->place();
        $floor = $this->floor();
        $front = $plan->outerDepth()->leafFront->total;
        $shapes = [
            $this->low('wall-cut', Length::mm(-HeadCut::WALL_MM), Length::zero(), Length::zero(), $this->to),
            $this->low('lining', $this->lining()->negated(), Length::zero(), Length::zero(), $this->to),
        ];
        if ($plan->room->baseboard !== null) {
            $shapes[] = $this->low(
                'baseboard',
                Length::zero(),
                $plan->room->baseboard->thickness,
                Length::zero(),
                Length::least($plan->room->baseboard->height, $this->to),
            );
        }
        foreach ($plan->leaves() as $leaf) {
            array_push(
                $shapes,
                ...$leaf->guideName === $this->guide ? $this->leafAtFoot($leaf->depth, $place, $floor) : [],
            );
        }
        $shapes[] = $this->low(
            'floor',
            Length::mm(-HeadCut::WALL_MM),
            $front->plus(Length::mm(HeadCut::PAST_MM)),
            $floor->minus(Length::mm(14)),
            $floor,
        );

        return $shapes;
    }

    /** @return list<Shape> one leaf with its guide */
    private function leafAtFoot(Depth $depth, GuidePlace $place, Length $floor): array
    {
        $gap = $this->plan->heights->gap->low;
        $guide = $this->plan->kit->guide;
        $middle = $depth->leafBack->total->plus($this->plan->finFromBack());
        $shapes = [$this->low('leaf', $depth->leafBack->total, $depth->leafFront->total, $gap, $this->to)];
        if ($guide->style->needsGroove()) {
            $half = ($place->grooveWidth ?? $guide->bladeThickness)->half();
            $shapes[] = $this->low(
                'groove',
                $middle->minus($half),
                $middle->plus($half),
                $gap,
                $gap->plus($place->grooveDepth ?? Length::zero()),
            );
            $shapes[] = $this->low(
                'guide',
                $middle->minus($guide->bladeThickness->half()),
                $middle->plus($guide->bladeThickness->half()),
                $floor,
                $floor->plus($guide->bladeHeight),
            );
        } else {
            $cheek = Length::mm(4);
            $shapes[] = $this->low(
                'guide',
                $depth->leafBack->total->minus($cheek),
                $depth->leafBack->total,
                $floor,
                $floor->plus($guide->cheek),
            );
            $shapes[] = $this->low(
                'guide',
                $depth->leafFront->total,
                $depth->leafFront->total->plus($cheek),
                $floor,
                $floor->plus($guide->cheek),
            );
        }

        return $shapes;
    }

    public function place(): GuidePlace
    {
        return $this->plan->guides[$this->guide];
    }

    /** The floor under the guide, from the high spot. */
    public function floor(): Length
    {
        return $this->place()->at === null ? Length::zero() : $this->plan->floor->at($this->place()->at);
    }

    private function lining(): Length
    {
        return $this->plan->doorway->survey->lining->thickness ?? Length::zero();
    }

    private function low(string $layer, Length $from, Length $to, Length $low, Length $high): Shape
    {
        return Shape::box($layer, $from->toMm(), -$high->toMm(), $to->minus($from)->toMm(), $high->minus($low)->toMm());
    }
}
