<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Marks\AsShown;
use YokeLine\Measure\Length;
use YokeLine\Measure\Wording;
use YokeLine\Planning\Plan;

/**
 * A section at the jamb, true to scale, the wall to the left: the head with rail and hanger, and beside it the foot
 * with floor and guide.
 */
final readonly class Section
{
    private const HIGH = 176;

    private const FOOT_MM = 110;

    private const DEPTHS_PX = 22;

    private HeadCut $head;

    private FootCut $foot;

    private float $px;

    /** How far to the right the foot is drawn. */
    private float $aside;

    private function __construct(private Plan $plan, private Wording $wording)
    {
        $this->head = HeadCut::whole($plan);
        $this->foot = new FootCut($plan, $plan->leastHeld(), Length::mm(self::FOOT_MM));
        $this->px = $this->head->high() / (self::HIGH - self::DEPTHS_PX);
        $this->aside =
            $plan->outerDepth()->leafFront->total->toMm() +
            HeadCut::WALL_MM +
            HeadCut::PAST_MM +
            (20 + max(0.0, ...array_map(fn (array $row) => Labels::width($row[0], 10), $this->rows()))) * $this->px;
    }

    public static function of(Plan $plan, Wording $wording): Scene
    {
        return (new self($plan, $wording))->scene();
    }

    private function scene(): Scene
    {
        $px = $this->px;
        $plan = $this->plan;
        $right = $plan->outerDepth()->leafFront->total->toMm() + HeadCut::PAST_MM;
        $top = -$this->head->high();
        $foot = Shape::group(
            'foot',
            [...$this->foot->shapes(), ...$this->holds()],
            ['transform' => 'translate('.round($this->aside, 2).' 0)'],
        );
        $heights = Callouts::right(
            array_map(fn (array $row) => [$row[0], $right - 14 * $px, $this->head->y($row[1]), $row[2]], $this->rows()),
            $right + 11 * $px,
            10 * $px,
        );
        $shapes = [...$this->head->shapes(), $foot, ...$this->depths(self::DEPTHS_PX * $px), ...$heights];

        return new Scene(
            'section',
            $this->wording->say(
                Caption::of('section', [
                    'back' => $plan->innerDepth()->leafBack->total,
                    'gap' => $plan->heights->topGap->total,
                ]),
            ),
            -HeadCut::WALL_MM - 4 * $px,
            $top - 3 * $px,
            $this->aside +
                HeadCut::WALL_MM +
                $right +
                (14 + max(0.0, ...array_map(fn (array $row) => Labels::width($row[0], 10), $this->held()))) * $px,
            self::DEPTHS_PX * $px - $top + 6 * $px,
            $shapes,
        );
    }

    /** @return list<Shape> how the guide holds the leaf, beside the foot */
    private function holds(): array
    {
        $front = $this->plan->outerDepth()->leafFront->total->toMm();
        $x = $front + 6 * $this->px;
        $shapes = [];
        foreach ($this->held() as $i => [$says, $at]) {
            $y = -$at->toMm() - 14 * $this->px * $i;
            $shapes[] = Shape::line('leader', $front, -$at->toMm(), $x, $y);
            $shapes[] = Shape::text('reading', $x + 1 * $this->px, $y + 3 * $this->px, 10 * $this->px, $says);
        }

        return $shapes;
    }

    /** @return list<array{string, Length}> what is told beside the foot, and the height that it tells of */
    private function held(): array
    {
        $gap = $this->plan->heights->gap->low;
        $said = AsShown::of($this->plan)->length('gap', $gap);
        $floor = $this->foot->floor();
        $hold = $this->foot->place()->hold->total;

        return [
            [$this->wording->say(Caption::of('is-gap', ['is' => $said->minus($floor)])), $gap->plus($floor)->half()],
            [
                $this->wording->say(
                    Caption::of($this->plan->kit->guide->style->needsGroove() ? 'is-bite' : 'is-hold', ['is' => $hold]),
                ),
                $gap->plus($hold),
            ],
        ];
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
        $texts = array_map($this->wording->lengths()->show(...), $places);
        $centres = Labels::spread(
            array_map(fn (Length $z) => $z->toMm(), $places),
            array_map(fn (string $text) => Labels::width($text, 11 * $px) + 9 * $px, $texts),
            -HeadCut::WALL_MM,
        );
        $shapes = [];
        foreach ($places as $i => $z) {
            $shapes[] = Shape::path('leader', [
                [$z->toMm(), 0.0],
                [$z->toMm(), 3 * $px],
                [$centres[$i], $foot - 13 * $px],
                [$centres[$i], $foot - 10 * $px],
            ]);
            $shapes[] = Shape::text('reading', $centres[$i], $foot - 1 * $px, 11 * $px, $texts[$i], 'middle');
        }

        return $shapes;
    }

    /**
     * @return list<array{string, Length, string}> what is told beside the head, the highest first: words, height, class
     */
    private function rows(): array
    {
        $plan = $this->plan;
        $heights = $plan->heights;
        $shown = AsShown::of($plan);
        $top = $heights->leafTop();
        $rows = [
            [$this->wording->say(Caption::of('is-line', ['is' => $plan->yokeLine()])), $plan->yokeLine(), ' is-yoke'],
            [$this->wording->say(Caption::of('is-leaf-top', ['is' => $shown->length('leaf.top', $top)])), $top, ''],
            [$this->wording->say(Caption::of('is-head', ['is' => $heights->head->total])), $heights->head->total, ''],
        ];
        foreach ($heights->hangerHoles as $i => $hole) {
            $rows[] = [
                $this->wording->say(Caption::of('hole-down', ['n' => $i + 1, 'down' => $hole])),
                $heights->leafTop()->minus($hole),
                '',
            ];
        }
        if ($plan->header !== null) {
            $rows[] = [
                $this->wording->say(
                    Caption::of('is-header-top', ['is' => $shown->sum('header.top', $plan->header->top)]),
                ),
                $plan->header->top->total,
                '',
            ];
            $rows[] = [
                $this->wording->say(Caption::of('is-header-bottom', ['is' => $plan->header->foot->total])),
                $plan->header->foot->total,
                '',
            ];
        }
        usort($rows, fn (array $a, array $b) => $b[1]->nm <=> $a[1]->nm);

        return $rows;
    }
}
