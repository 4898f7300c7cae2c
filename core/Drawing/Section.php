<?php

namespace YokeLine\Drawing;

use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Planning\Depth;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\Plan;

/** A section at the jamb, true to scale, the wall to the left: the head with rail and hanger, and beside it the foot with floor and guide. */
final readonly class Section
{
    private const HIGH = 176;

    private const WALL_MM = 36;

    private const FOOT_MM = 110;

    private const DEPTHS_PX = 22;

    private float $px;

    private Length $headFrom;

    private Length $headTo;

    private Length $footTo;

    /** How far to the right the foot is drawn. */
    private float $aside;

    private function __construct(private Plan $plan, private LengthWriter $write)
    {
        $heights = $plan->heights;
        $lowest = Length::least($heights->head->total, $heights->leafTop()->minus(...($heights->hangerHoles === [] ? [Length::mm(60)] : [Length::greatest(...$heights->hangerHoles)])));
        $this->headFrom = $lowest->minus(Length::mm(34));
        $this->headTo = Length::greatest($plan->header->top->total ?? $plan->yokeLine(), $plan->yokeLine()->plus($plan->kit->rail->height->half(), $plan->kit->hanger->above))->plus(Length::mm(14));
        $this->footTo = Length::mm(self::FOOT_MM);
        $this->px = $this->headTo->minus($this->headFrom)->toMm() / (self::HIGH - self::DEPTHS_PX);
        $this->aside = $plan->frontDepth()->leafFront->total->toMm() + self::WALL_MM + 22 + (20 + max(0.0, ...array_map(fn (array $row) => Labels::width($row[0], 10), $this->rows()))) * $this->px;
    }

    public static function of(Plan $plan, LengthWriter $write): Scene
    {
        return (new self($plan, $write))->scene();
    }

    private function scene(): Scene
    {
        $px = $this->px;
        $plan = $this->plan;
        $right = $plan->frontDepth()->leafFront->total->toMm() + 22;
        $top = $this->y($this->headTo);
        $foot = Shape::group('foot', $this->foot(), ['transform' => 'translate('.round($this->aside, 2).' 0)']);
        $shapes = [...$this->head(), $foot, ...$this->depths(self::DEPTHS_PX * $px), ...$this->heights($right)];

        return new Scene('section', "Section at the jamb: back of the leaf {$this->write->show($plan->depth()->leafBack->total)} from the wall, top gap {$this->write->show($plan->heights->topGap->total)}", -self::WALL_MM - 4 * $px, $top - 3 * $px, $this->aside + self::WALL_MM + $right + 44 * $px, self::DEPTHS_PX * $px - $top + 6 * $px, $shapes);
    }

    /** @return list<Shape> */
    private function head(): array
    {
        $plan = $this->plan;
        $heights = $plan->heights;
        $yoke = $plan->yokeLine();
        $board = $plan->header->thickness ?? Length::zero();
        $head = $heights->head->total;
        $shapes = [$this->box('wall-cut', Length::mm(-self::WALL_MM), Length::zero(), $head, $this->headTo), $this->box('lining', $this->lining()->negated(), Length::zero(), $head, $this->headTo)];
        if ($plan->room->opening->casing->head->isPositive()) {
            $shapes[] = $this->box('casing', Length::zero(), $plan->room->opening->casing->thickness, $head, $heights->casingTop->total);
        }
        if ($plan->header !== null) {
            $shapes[] = $this->box('header', Length::zero(), $board, $plan->header->foot->total, $plan->header->top->total);
        }
        $base = $plan->kit->standoffBase->half();
        $shapes[] = $this->box('standoff', $board, $plan->frontDepth()->rail->total->minus($plan->kit->rail->thickness->half()), $yoke->minus($base), $yoke->plus($base));
        foreach ($plan->depths as $depth) {
            array_push($shapes, ...$this->leafAtHead($depth));
        }
        $y = $this->y($yoke);
        $shapes[] = Shape::line('yoke-line', -self::WALL_MM, $y, $plan->frontDepth()->leafFront->total->toMm() + 22, $y);

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
        $strapFoot = $heights->leafTop()->minus($holes === [] ? Length::zero() : Length::greatest(...$holes)->plus(Length::mm(20)));
        $wheelTop = $yoke->plus($half, $hanger->above);
        $shapes = [
            $this->box('rail', $rail->minus($halfRail), $rail->plus($halfRail), $yoke->minus($half), $yoke->plus($half)),
            $this->box('leaf', $depth->leafBack->total, $depth->leafFront->total, $this->headFrom, $heights->leafTop()),
            $this->box('strap', $strap, $strap->plus($hanger->strapThickness), $strapFoot, $wheelTop->minus($hanger->above->half())),
            $this->box('wheel', $rail->minus($halfRail, Length::mm(4)), $rail->plus($halfRail, Length::mm(4)), $yoke->plus($half), $wheelTop),
        ];
        foreach ($holes as $hole) {
            $y = $this->y($heights->leafTop()->minus($hole));
            $shapes[] = Shape::line('bolt', $depth->leafBack->total->toMm(), $y, $strap->plus($hanger->strapThickness, $hanger->boltHead)->toMm(), $y);
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function foot(): array
    {
        $plan = $this->plan;
        $place = array_values($plan->guides)[0];
        $floor = $place->at === null ? Length::zero() : $plan->floor->at($place->at);
        $gap = $plan->heights->gap->low;
        $front = $plan->frontDepth()->leafFront->total;
        $shapes = [
            $this->low('wall-cut', Length::mm(-self::WALL_MM), Length::zero(), Length::zero(), $this->footTo),
            $this->low('lining', $this->lining()->negated(), Length::zero(), Length::zero(), $this->footTo),
        ];
        if ($plan->room->baseboard !== null) {
            $shapes[] = $this->low('baseboard', Length::zero(), $plan->room->baseboard->thickness, Length::zero(), Length::least($plan->room->baseboard->height, $this->footTo));
        }
        foreach ($plan->depths as $depth) {
            array_push($shapes, ...$this->leafAtFoot($depth, $place, $floor));
        }
        $shapes[] = $this->low('floor', Length::mm(-self::WALL_MM), $front->plus(Length::mm(22)), $floor->minus(Length::mm(14)), $floor);

        $x = $front->toMm() + 6 * $this->px;
        $rows = [['gap', $gap->minus($floor), $gap->plus($floor)->half()], [$plan->kit->guide->style->needsGroove() ? 'bite' : 'hold', $place->hold->total, $gap->plus($place->hold->total)]];
        foreach ($rows as $i => [$name, $length, $at]) {
            $y = -$at->toMm() - 14 * $this->px * $i;
            $shapes[] = Shape::line('leader', $front->toMm(), -$at->toMm(), $x, $y);
            $shapes[] = Shape::text('reading', $x + 1 * $this->px, $y + 3 * $this->px, 10 * $this->px, "{$this->write->show($length)} {$name}");
        }

        return $shapes;
    }

    /** @return list<Shape> one leaf with its guide */
    private function leafAtFoot(Depth $depth, GuidePlace $place, Length $floor): array
    {
        $gap = $this->plan->heights->gap->low;
        $guide = $this->plan->kit->guide;
        $middle = $depth->leafBack->total->plus($this->plan->thickness->half());
        $shapes = [$this->low('leaf', $depth->leafBack->total, $depth->leafFront->total, $gap, $this->footTo)];
        if ($guide->style->needsGroove()) {
            $half = ($place->grooveWidth ?? $guide->bladeThickness)->half();
            $shapes[] = $this->low('groove', $middle->minus($half), $middle->plus($half), $gap, $gap->plus($place->grooveDepth ?? Length::zero()));
            $shapes[] = $this->low('guide', $middle->minus($guide->bladeThickness->half()), $middle->plus($guide->bladeThickness->half()), $floor, $floor->plus($guide->bladeHeight));
        } else {
            $cheek = Length::mm(4);
            $shapes[] = $this->low('guide', $depth->leafBack->total->minus($cheek), $depth->leafBack->total, $floor, $floor->plus($guide->cheek));
            $shapes[] = $this->low('guide', $depth->leafFront->total, $depth->leafFront->total->plus($cheek), $floor, $floor->plus($guide->cheek));
        }

        return $shapes;
    }

    /** @return list<Shape> distances from the wall face, below the drawing */
    private function depths(float $foot): array
    {
        $px = $this->px;
        $places = [];
        foreach ($this->plan->depths as $depth) {
            // Leaves that meet stand equally far out: each place once.
            foreach ([$depth->leafBack->total, $depth->rail->total, $depth->leafFront->total] as $z) {
                $places[$z->nm] = $z;
            }
        }
        if ($this->plan->header !== null) {
            $places[$this->plan->header->thickness->nm] = $this->plan->header->thickness;
        }
        usort($places, fn (Length $a, Length $b) => $a->nm <=> $b->nm);
        $texts = array_map($this->write->show(...), $places);
        $centres = Labels::spread(array_map(fn (Length $z) => $z->toMm(), $places), array_map(fn (string $text) => Labels::width($text, 11 * $px) + 9 * $px, $texts));
        $shapes = [];
        foreach ($places as $i => $z) {
            $shapes[] = Shape::path('leader', [[$z->toMm(), 0.0], [$z->toMm(), 3 * $px], [$centres[$i], $foot - 13 * $px], [$centres[$i], $foot - 10 * $px]]);
            $shapes[] = Shape::text('reading', $centres[$i], $foot - 1 * $px, 11 * $px, $texts[$i], 'middle');
        }

        return $shapes;
    }

    /** @return list<Shape> heights beside the drawing */
    private function heights(float $right): array
    {
        $px = $this->px;
        $rows = $this->rows();
        $wanted = array_map(fn (array $row) => $this->y($row[1]), $rows);
        $centres = Labels::spread($wanted, array_fill(0, count($rows), 13 * $px));
        $shapes = [];
        foreach ($rows as $i => [$says, , $class]) {
            $shapes[] = Shape::path('leader', [[$right - 14 * $px, $wanted[$i]], [$right, $wanted[$i]], [$right + 8 * $px, $centres[$i]], [$right + 11 * $px, $centres[$i]]]);
            $shapes[] = Shape::text("reading{$class}", $right + 13 * $px, $centres[$i] + 3.5 * $px, 10 * $px, $says);
        }

        return $shapes;
    }

    /** @return list<array{string, Length, string}> what is told beside the head, the highest first: words, height, class */
    private function rows(): array
    {
        $plan = $this->plan;
        $heights = $plan->heights;
        $say = $this->write->show(...);
        $rows = [
            ["{$say($plan->yokeLine())} yoke line", $plan->yokeLine(), ' is-yoke'],
            ["{$say($heights->leafTop())} leaf top", $heights->leafTop(), ''],
            ["{$say($heights->head->total)} head", $heights->head->total, ''],
        ];
        foreach ($heights->hangerHoles as $i => $hole) {
            $rows[] = ['hole '.($i + 1).", {$say($hole)} down", $heights->leafTop()->minus($hole), ''];
        }
        if ($plan->header !== null) {
            $rows[] = ["{$say($plan->header->top->total)} header top", $plan->header->top->total, ''];
            $rows[] = ["{$say($plan->header->foot->total)} header foot", $plan->header->foot->total, ''];
        }
        usort($rows, fn (array $a, array $b) => $b[1]->nm <=> $a[1]->nm);

        return $rows;
    }

    private function lining(): Length
    {
        return $this->plan->doorway->survey->lining->thickness ?? Length::zero();
    }

    /** Drawing y of a height at the head. */
    private function y(Length $height): float
    {
        return -$height->minus($this->headFrom)->toMm();
    }

    private function box(string $layer, Length $from, Length $to, Length $low, Length $high): Shape
    {
        return Shape::box($layer, $from->toMm(), $this->y($high), $to->minus($from)->toMm(), $this->y($low) - $this->y($high));
    }

    /** At the foot, heights are from the high spot of the floor. */
    private function low(string $layer, Length $from, Length $to, Length $low, Length $high): Shape
    {
        return Shape::box($layer, $from->toMm(), -$high->toMm(), $to->minus($from)->toMm(), $high->minus($low)->toMm());
    }
}
