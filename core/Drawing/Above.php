<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Wording;
use YokeLine\Planning\Plan;

/**
 * The doorway from above, cut through the rail: along the wall true to scale, depth drawn larger so that it can be
 * read.
 */
final readonly class Above
{
    /** How much larger depth is drawn than length. */
    public const DEPTH = 4;

    private const WIDE = 430;

    private const WALL_MM = 42;

    private float $px;

    private Span $shown;

    private function __construct(private Plan $plan, private Wording $wording)
    {
        $reach = $plan->rail->span->joined($plan->layout->sweep());
        $this->shown = ($plan->header === null ? $reach : $reach->joined($plan->header->span))->widened(
            Length::mm(70),
        );
        $this->px = $this->shown->length()->toMm() / (self::WIDE - 56);
    }

    public static function of(Plan $plan, Wording $wording): Scene
    {
        return (new self($plan, $wording))->scene();
    }

    private function scene(): Scene
    {
        $plan = $this->plan;
        $px = $this->px;
        $depth = $plan->innerDepth();
        $jambs = $plan->room->opening->span();
        $casing = $plan->room->opening->casing;
        $board = $plan->header->thickness ?? Length::zero();
        $halfRail = $plan->kit->rail->thickness->half();

        $shapes = [
            $this->box(
                'wall-cut',
                new Span($this->shown->low, $jambs->low),
                Length::mm(-self::WALL_MM),
                Length::zero(),
            ),
            $this->box(
                'wall-cut',
                new Span($jambs->high, $this->shown->high),
                Length::mm(-self::WALL_MM),
                Length::zero(),
            ),
            Shape::line('wall-face', $this->shown->low->toMm(), 0.0, $this->shown->high->toMm(), 0.0),
            $this->box(
                'casing',
                new Span($jambs->low->minus($casing->left), $jambs->low),
                Length::zero(),
                $casing->thickness,
            ),
            $this->box(
                'casing',
                new Span($jambs->high, $jambs->high->plus($casing->right)),
                Length::zero(),
                $casing->thickness,
            ),
        ];
        if ($plan->header !== null) {
            $shapes[] = $this->box('header', $plan->header->span, Length::zero(), $plan->header->thickness);
        }
        foreach ($plan->rail->holes as $hole) {
            $half = $plan->kit->standoffBase->half();
            $shapes[] = $this->box(
                'standoff',
                new Span($hole->minus($half), $hole->plus($half)),
                $board,
                $plan->outerDepth()->rail->total->minus($halfRail),
            );
        }
        foreach ($plan->layout->runs as $name => $run) {
            $own = $plan->depths[$name];
            $leaf = fn (string $layer, Span $x) => $this->box(
                $layer,
                $x,
                $own->leafBack->total,
                $own->leafFront->total,
            );
            $shapes[] = $this->box(
                'rail',
                $plan->rail->span,
                $own->rail->total->minus($halfRail),
                $own->rail->total->plus($halfRail),
            );
            $shapes[] = $leaf('ghost', $run->open());
            $shapes[] = Shape::group(
                'leaf-group',
                [$leaf('leaf', $run->closed())],
                ['data-slides' => (string) $run->direction, 'data-leaf' => $name],
            );
        }
        foreach ($plan->guides as $guide) {
            if ($guide->at !== null) {
                $half = $plan->kit->guide->length->half();
                $shapes[] = $this->box(
                    'guide',
                    new Span($guide->at->minus($half), $guide->at->plus($half)),
                    $depth->leafBack->total->plus($plan->thickness->scaled(3, 8)),
                    $plan->outerDepth()->leafFront->total->minus($plan->thickness->scaled(3, 8)),
                );
            }
        }
        $shapes = [...$shapes, ...$this->passage($jambs), ...$this->depths()];

        $top = -self::WALL_MM * self::DEPTH - 22 * $px;

        return new Scene(
            'above',
            $this->wording->say(Caption::of('from-above', ['clearance' => $depth->clearance->total])),
            $this->shown->low->toMm() - 4 * $px,
            $top,
            $this->shown->length()->toMm() + 56 * $px,
            $plan->outerDepth()->leafFront->total->toMm() * self::DEPTH - $top + 34 * $px,
            $shapes,
        );
    }

    /** @return list<Shape> */
    private function passage(Span $jambs): array
    {
        $px = $this->px;
        $y = (-self::WALL_MM * self::DEPTH) / 2;
        $shut = $this->plan->layout->shut();
        $low = $this->plan->outerDepth()->leafFront->total->toMm() * self::DEPTH + 13 * $px;
        $shapes = [];
        foreach ($this->passages($jambs) as [$free, $passage]) {
            $shapes[] = Shape::line('dimension', $free->low->toMm(), $y, $free->high->toMm(), $y);
            $shapes[] = Shape::text(
                'reading',
                $free->middle()->toMm(),
                $y - 4 * $px,
                12 * $px,
                $this->wording->say(Caption::of('passage', ['is' => $passage])),
                'middle',
            );
        }
        $overlaps = [[$shut->low, $jambs->low, 'start', $shut->low], [$jambs->high, $shut->high, 'end', $shut->high]];
        foreach ($overlaps as [$from, $to, $anchor, $at]) {
            $shapes[] = Shape::line('dimension', $from->toMm(), $low - 5 * $px, $to->toMm(), $low - 5 * $px);
            $shapes[] = Shape::text(
                'reading',
                $at->toMm(),
                $low + 8 * $px,
                11 * $px,
                $this->wording->say(Caption::of('past', ['by' => $to->minus($from)])),
                $anchor,
            );
        }

        return $shapes;
    }

    /** @return list<array{Span, Length}> where one can pass when open, and how wide it is */
    private function passages(Span $jambs): array
    {
        $layout = $this->plan->layout;
        $found = [];
        foreach ($layout->passages as $way => $passage) {
            if ($passage->total->isPositive()) {
                $from = match (true) {
                    $way === 'right' => Span::between($jambs->high, $jambs->high->minus($passage->total)),
                    $this->plan->hang()->leavesMeet() => $layout->between()->cutTo($jambs),
                    $this->plan->onlyLeaf()?->run->direction === -1 => Span::between(
                        $jambs->high->minus($passage->total),
                        $jambs->high,
                    ),
                    default => Span::from($jambs->low, $passage->total),
                };
                $found[] = [$from, $passage->total];
            }
        }

        return $found;
    }

    /** @return list<Shape> distances from the wall, beside the drawing */
    private function depths(): array
    {
        $px = $this->px;
        $depth = $this->plan->innerDepth();
        $front = $this->plan->outerDepth();
        $x = $this->shown->high->toMm() + 6 * $px;
        $rows = [
            ['wall', Length::zero()],
            ['back', $depth->leafBack->total],
            ['rail', $depth->rail->total],
            ['front', $depth->leafFront->total],
            ...$front->rail->total->equals($depth->rail->total)
                ? []
                : [['second rail', $front->rail->total], ['second front', $front->leafFront->total]],
        ];
        usort($rows, fn (array $a, array $b) => $a[1]->nm <=> $b[1]->nm);
        $wanted = array_map(fn (array $row) => $row[1]->toMm() * self::DEPTH, $rows);
        $centres = Labels::spread($wanted, array_fill(0, count($rows), 13 * $px));
        $shapes = [];
        foreach ($rows as $i => [$name, $z]) {
            $shapes[] = Shape::path('leader', [
                [$this->shown->high->toMm() - 10 * $px, $wanted[$i]],
                [$x - 4 * $px, $wanted[$i]],
                [$x + 2 * $px, $centres[$i]],
            ]);
            $shapes[] = Shape::text(
                'reading',
                $x + 4 * $px,
                $centres[$i] + 4 * $px,
                11 * $px,
                $z->isZero() ? $this->wording->say(Caption::of('wall')) : $this->wording->lengths()->show($z),
            );
        }

        return $shapes;
    }

    private function box(string $layer, Span $x, Length $from, Length $to): Shape
    {
        return Shape::box(
            $layer,
            $x->low->toMm(),
            $from->toMm() * self::DEPTH,
            $x->length()->toMm(),
            $to->minus($from)->toMm() * self::DEPTH,
        );
    }
}
