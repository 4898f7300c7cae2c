<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Measure\Length;
use YokeLine\Planning\Depth;
use YokeLine\Planning\Plan;

/**
 * The head cut through a hanger, true to scale, the wall to the left: wall, board, standoff, rail, wheel, strap and the
 * top of the leaf.
 */
final readonly class HeadCut
{
    /** How much of the wall is drawn. */
    public const WALL_MM = 36;

    /** How far the yoke line is drawn past the leaf. */
    public const PAST_MM = 22;

    public function __construct(private Plan $plan, private Length $from, public Length $to) {}

    /** As much of it as shows every hole of the leaf and the whole hanger. */
    public static function whole(Plan $plan): self
    {
        $heights = $plan->heights;
        $lowest = Length::least(
            $heights->head->total,
            $heights
                ->leafTop()
                ->minus(
                    ...$heights->hangerHoles === [] ? [Length::mm(60)] : [Length::greatest(...$heights->hangerHoles)],
                ),
        );
        $highest = Length::greatest(
            $plan->header->top->total ?? $plan->yokeLine(),
            $plan->yokeLine()->plus($plan->kit->rail->height->half(), $plan->kit->hanger->above),
        );

        return new self($plan, $lowest->minus(Length::mm(34)), $highest->plus(Length::mm(14)));
    }

    public function high(): float
    {
        return $this->to->minus($this->from)->toMm();
    }

    /** @return list<Shape> */
    public function shapes(): array
    {
        $plan = $this->plan;
        $heights = $plan->heights;
        $yoke = $plan->yokeLine();
        $board = $plan->header->thickness ?? Length::zero();
        $head = $heights->head->total;
        $shapes = [
            $this->box('wall-cut', Length::mm(-self::WALL_MM), Length::zero(), $head, $this->to),
            $this->box('lining', $this->lining()->negated(), Length::zero(), $head, $this->to),
        ];
        if ($plan->room->opening->casing->head->isPositive()) {
            $shapes[] = $this->box(
                'casing',
                Length::zero(),
                $plan->room->opening->casing->thickness,
                $head,
                $heights->casingTop->total,
            );
        }
        if ($plan->header !== null) {
            $shapes[] = $this->box(
                'header',
                Length::zero(),
                $board,
                $plan->header->foot->total,
                $plan->header->top->total,
            );
        }
        $base = $plan->kit->standoffBase->half();
        $shapes[] = $this->box(
            'standoff',
            $board,
            $plan->outerDepth()->rail->total->minus($plan->kit->rail->thickness->half()),
            $yoke->minus($base),
            $yoke->plus($base),
        );
        foreach ($plan->depths as $depth) {
            array_push($shapes, ...$this->leafAtHead($depth));
        }
        $y = $this->y($yoke);
        $shapes[] = Shape::line(
            'yoke-line',
            -self::WALL_MM,
            $y,
            $plan->outerDepth()->leafFront->total->toMm() + self::PAST_MM,
            $y,
        );

        return $shapes;
    }

    /** @return list<Shape> one leaf with its rail, wheel and strap */
    private function leafAtHead(Depth $depth): array
    {
        $plan = $this->plan;
        $heights = $plan->heights;
        $hanger = $plan->kit->hanger;
        $yoke = $plan->yokeLine();
        $half = $plan->kit->rail->height->half();
        $rail = $depth->rail->total;
        $halfRail = $plan->kit->rail->thickness->half();
        $strap = $depth->leafFront->total;
        $holes = $heights->hangerHoles;
        $strapFoot = $heights
            ->leafTop()
            ->minus($holes === [] ? Length::zero() : Length::greatest(...$holes)->plus(Length::mm(20)));
        $wheelTop = $yoke->plus($half, $hanger->above);
        $shapes = [
            $this->box(
                'rail',
                $rail->minus($halfRail),
                $rail->plus($halfRail),
                $yoke->minus($half),
                $yoke->plus($half),
            ),
            $this->box('leaf', $depth->leafBack->total, $depth->leafFront->total, $this->from, $heights->leafTop()),
            $this->box(
                'strap',
                $strap,
                $strap->plus($hanger->strapThickness),
                $strapFoot,
                $wheelTop->minus($hanger->above->half()),
            ),
            $this->box(
                'wheel',
                $rail->minus($halfRail, Length::mm(4)),
                $rail->plus($halfRail, Length::mm(4)),
                $yoke->plus($half),
                $wheelTop,
            ),
        ];
        foreach ($holes as $hole) {
            $y = $this->y($heights->leafTop()->minus($hole));
            $shapes[] = Shape::line(
                'bolt',
                $depth->leafBack->total->toMm(),
                $y,
                $strap->plus($hanger->strapThickness, $hanger->boltHead)->toMm(),
                $y,
            );
        }

        return $shapes;
    }

    /** Drawing y of a height at the head. */
    public function y(Length $height): float
    {
        return -$height->minus($this->from)->toMm();
    }

    private function lining(): Length
    {
        return $this->plan->doorway->survey->lining->thickness ?? Length::zero();
    }

    private function box(string $layer, Length $from, Length $to, Length $low, Length $high): Shape
    {
        return Shape::box(
            $layer,
            $from->toMm(),
            $this->y($high),
            $to->minus($from)->toMm(),
            $this->y($low) - $this->y($high),
        );
    }
}
