<?php

namespace YokeLine\Drawing;

use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Span;
use YokeLine\Planning\Plan;

/** A section at the jamb, true to scale, the wall to the left: the head with rail and hanger, and below a break the foot with floor and guide. */
final readonly class Section
{
    private const HIGH = 330;

    private const WALL_MM = 46;

    /** Space of the drawing left out between foot and head. */
    private const BREAK_PX = 14;

    private float $px;

    private Length $headFrom;

    private Length $headTo;

    private Length $footTo;

    private function __construct(private Plan $plan, private LengthWriter $write)
    {
        $heights = $plan->heights;
        $lowest = Length::least($heights->head->total, $heights->leafTop()->minus(...($heights->hangerHoles === [] ? [Length::mm(60)] : [Length::greatest(...$heights->hangerHoles)])));
        $this->headFrom = $lowest->minus(Length::mm(34));
        $this->headTo = Length::greatest($plan->header->top->total ?? $plan->yokeLine(), $plan->yokeLine()->plus($plan->kit->rail->height->half(), $plan->kit->hanger->above))->plus(Length::mm(14));
        $this->footTo = Length::mm(96);
        $this->px = ($this->headTo->minus($this->headFrom)->toMm() + $this->footTo->toMm() + 30) / (self::HIGH - self::BREAK_PX - 24);
    }

    public static function of(Plan $plan, LengthWriter $write): Scene
    {
        return (new self($plan, $write))->scene();
    }

    private function scene(): Scene
    {
        $px = $this->px;
        $plan = $this->plan;
        $right = $plan->depth->leafFront->total->toMm() + 22;
        $top = $this->y($this->headTo);
        $foot = 30.0 + 24 * $px;
        $shapes = [...$this->head(), ...$this->foot(), ...$this->breakLine($right), ...$this->depths($foot), ...$this->heights($right)];

        return new Scene('section', "Section at the jamb: back of the leaf {$this->write->show($plan->depth->leafBack->total)} from the wall, top gap {$this->write->show($plan->heights->topGap->total)}", -self::WALL_MM - 4 * $px, $top - 4 * $px, self::WALL_MM + $right + 118 * $px, $foot - $top + 8 * $px, $shapes);
    }

    /** @return list<Shape> */
    private function head(): array
    {
        $plan = $this->plan;
        $depth = $plan->depth;
        $heights = $plan->heights;
        $hanger = $plan->kit->hanger;
        $yoke = $plan->yokeLine();
        $half = $plan->kit->rail->height->half();
        $rail = $depth->rail->total;
        $halfRail = $plan->kit->rail->thickness->half();
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
        $shapes[] = $this->box('standoff', $board, $rail->minus($halfRail), $yoke->minus($base), $yoke->plus($base));
        $shapes[] = $this->box('rail', $rail->minus($halfRail), $rail->plus($halfRail), $yoke->minus($half), $yoke->plus($half));
        $shapes[] = $this->box('leaf', $depth->leafBack->total, $depth->leafFront->total, $this->headFrom, $heights->leafTop());
        $strap = $depth->leafFront->total;
        $holes = $heights->hangerHoles;
        $strapFoot = $heights->leafTop()->minus($holes === [] ? Length::zero() : Length::greatest(...$holes)->plus(Length::mm(20)));
        $wheelTop = $yoke->plus($half, $hanger->above);
        $shapes[] = $this->box('strap', $strap, $strap->plus($hanger->strapThickness), $strapFoot, $wheelTop->minus($hanger->above->half()));
        $shapes[] = $this->box('wheel', $rail->minus($halfRail, Length::mm(4)), $rail->plus($halfRail, Length::mm(4)), $yoke->plus($half), $wheelTop);
        foreach ($holes as $hole) {
            $y = $this->y($heights->leafTop()->minus($hole));
            $shapes[] = Shape::line('bolt', $depth->leafBack->total->toMm(), $y, $strap->plus($hanger->strapThickness, $hanger->boltHead)->toMm(), $y);
        }
        $y = $this->y($yoke);
        $shapes[] = Shape::line('yoke-line', -self::WALL_MM, $y, $depth->leafFront->total->toMm() + 22, $y);

        return $shapes;
    }

    /** @return list<Shape> */
    private function foot(): array
    {
        $plan = $this->plan;
        $depth = $plan->depth;
        $floor = $plan->guide->at === null ? Length::zero() : $plan->floor->at($plan->guide->at);
        $gap = $plan->heights->gap->low;
        $middle = $depth->leafBack->total->plus($plan->thickness->half());
        $guide = $plan->kit->guide;
        $shapes = [
            $this->box('wall-cut', Length::mm(-self::WALL_MM), Length::zero(), Length::zero(), $this->footTo),
            $this->box('lining', $this->lining()->negated(), Length::zero(), Length::zero(), $this->footTo),
        ];
        if ($plan->room->baseboard !== null) {
            $shapes[] = $this->box('baseboard', Length::zero(), $plan->room->baseboard->thickness, Length::zero(), Length::least($plan->room->baseboard->height, $this->footTo));
        }
        $shapes[] = $this->box('leaf', $depth->leafBack->total, $depth->leafFront->total, $gap, $this->footTo);
        if ($guide->style->needsGroove()) {
            $half = ($plan->guide->grooveWidth ?? $guide->bladeThickness)->half();
            $shapes[] = $this->box('groove', $middle->minus($half), $middle->plus($half), $gap, $gap->plus($plan->guide->grooveDepth ?? Length::zero()));
            $shapes[] = $this->box('guide', $middle->minus($guide->bladeThickness->half()), $middle->plus($guide->bladeThickness->half()), $floor, $floor->plus($guide->bladeHeight));
        } else {
            $cheek = Length::mm(4);
            $shapes[] = $this->box('guide', $depth->leafBack->total->minus($cheek), $depth->leafBack->total, $floor, $floor->plus($guide->cheek));
            $shapes[] = $this->box('guide', $depth->leafFront->total, $depth->leafFront->total->plus($cheek), $floor, $floor->plus($guide->cheek));
        }
        $shapes[] = $this->box('floor', Length::mm(-self::WALL_MM), $depth->leafFront->total->plus(Length::mm(22)), $floor->minus(Length::mm(14)), $floor);

        return $shapes;
    }

    /** @return list<Shape> */
    private function breakLine(float $right): array
    {
        $y = -$this->footTo->toMm() - self::BREAK_PX * $this->px / 2;

        return [Shape::path('break', [[-self::WALL_MM, $y], [$right * 0.3, $y], [$right * 0.38, $y - 5 * $this->px], [$right * 0.46, $y + 5 * $this->px], [$right * 0.54, $y], [$right, $y]])];
    }

    /** @return list<Shape> distances from the wall face, below the drawing */
    private function depths(float $foot): array
    {
        $px = $this->px;
        $depth = $this->plan->depth;
        $places = [$depth->leafBack->total, $depth->rail->total, $depth->leafFront->total];
        if ($this->plan->header !== null) {
            array_unshift($places, $this->plan->header->thickness);
        }
        usort($places, fn (Length $a, Length $b) => $a->nm <=> $b->nm);
        $texts = array_map($this->write->show(...), $places);
        $centres = Labels::spread(array_map(fn (Length $z) => $z->toMm(), $places), array_map(fn (string $text) => Labels::width($text, 11 * $px) + 5 * $px, $texts));
        $shapes = [];
        foreach ($places as $i => $z) {
            $shapes[] = Shape::path('leader', [[$z->toMm(), 16.0], [$z->toMm(), 19.0], [$centres[$i], $foot - 14 * $px], [$centres[$i], $foot - 11 * $px]]);
            $shapes[] = Shape::text('reading', $centres[$i], $foot - 1 * $px, 11 * $px, $texts[$i], 'middle');
        }

        return $shapes;
    }

    /** @return list<Shape> heights beside the drawing */
    private function heights(float $right): array
    {
        $px = $this->px;
        $plan = $this->plan;
        $heights = $plan->heights;
        $rows = [
            ['yoke line', $plan->yokeLine(), ' is-yoke'],
            ['leaf top', $heights->leafTop(), ''],
            ['head', $heights->head->total, ''],
            ['leaf foot', $heights->gap->low, ''],
        ];
        foreach ($heights->hangerHoles as $i => $hole) {
            $rows[] = ['hole '.($i + 1).', '.$this->write->show($hole).' down', $heights->leafTop()->minus($hole), ''];
        }
        if ($plan->header !== null) {
            $rows[] = ['header top', $plan->header->top->total, ''];
            $rows[] = ['header foot', $plan->header->foot->total, ''];
        }
        usort($rows, fn (array $a, array $b) => $b[1]->nm <=> $a[1]->nm);
        $wanted = array_map(fn (array $row) => $this->y($row[1]), $rows);
        $centres = Labels::spread($wanted, array_fill(0, count($rows), 13 * $px));
        $shapes = [];
        foreach ($rows as $i => [$name, $height, $class]) {
            $shapes[] = Shape::path('leader', [[$right - 14 * $px, $wanted[$i]], [$right, $wanted[$i]], [$right + 8 * $px, $centres[$i]], [$right + 11 * $px, $centres[$i]]]);
            $says = str_starts_with($name, 'hole') ? $name : "{$this->write->show($height)} {$name}";
            $shapes[] = Shape::text("reading{$class}", $right + 13 * $px, $centres[$i] + 3.5 * $px, 10 * $px, $says);
        }

        return $shapes;
    }

    private function lining(): Length
    {
        return $this->plan->doorway->survey->lining->thickness ?? Length::zero();
    }

    /** Drawing y of a height: what is above the break is moved down to just over it. */
    private function y(Length $height): float
    {
        return $height->isUnder($this->headFrom->minus(Length::mm(1))) ? -$height->toMm() : -($height->toMm() - $this->headFrom->toMm() + $this->footTo->toMm() + self::BREAK_PX * $this->px);
    }

    private function box(string $layer, Length $from, Length $to, Length $low, Length $high): Shape
    {
        return Shape::box($layer, $from->toMm(), $this->y($high), $to->minus($from)->toMm(), $this->y($low) - $this->y($high));
    }
}
