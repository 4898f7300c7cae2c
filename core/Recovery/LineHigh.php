<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Measure\Length;
use YokeLine\Planning\Grid;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\Heights;
use YokeLine\Work\StepKind;

/** The rail line is level and too high, or too low. */
final readonly class LineHigh
{
    /** A leaf wants so much under it. */
    private const BOARD_SCREW_MM = 6;

    /** @param  Length  $by  how much too high; negative: too low */
    public function __construct(private OnSite $site, private Length $by) {}

    /** @return list<WayOut> */
    public function ways(): array
    {
        return WayOut::ranked([
            $this->gap(),
            $this->holes(),
            $this->trim(),
            ...$this->site->plan->header === null ? [] : [$this->board()],
        ]);
    }

    private function gap(): WayOut
    {
        $plan = $this->site->plan;
        $gap = $plan->heights->gap;
        $guide = $plan->guides[$plan->leastHeld()];
        $bite = $guide->hold->total->minus($this->by);
        $least = $plan->kit->guide->minEngagement;
        $down = Heights::leastGap($plan->doorway->units)->minus($gap->low);
        $up = $guide->hold->total->minus($least);
        $works = ! $this->by->isUnder($down) && ! $this->by->isOver($up);
        $deeper = $guide->grooveDepth !== null && $this->by->isNegative() && $this->site->isDone(StepKind::Groove);
        $redo = $works && $deeper ? [StepKind::Groove] : [];

        return new WayOut(
            'line',
            'gap',
            $works,
            0,
            $redo,
            $this->site->minutes($redo),
            $deeper ? 'groove' : 'gap',
            [
                'gap' => ['min' => $gap->low->plus($this->by), 'max' => $gap->high->plus($this->by)],
                'bite' => $bite,
                'bite_wanted' => $least,
                'groove_at_least' => $bite->plus(GuidePlace::deeper($plan->doorway->units)),
                'head_cover' => $plan->heights->leafTop()->plus($this->by)->minus($plan->heights->head->total),
                'limits' => ['down_to' => $down, 'up_to' => $up],
            ],
            $this->site->written(['brief.rules.gap' => $gap->low->plus($this->by)]),
            with: ['gap' => $gap->low->plus($this->by)],
        );
    }

    private function holes(): WayOut
    {
        $plan = $this->site->plan;
        $diameter = $plan->kit->hanger->holeDiameter;
        $top = $plan->heights->topGap->total;
        $down = $plan->kit->topGap->low->minus($top);
        $up = $plan->kit->topGap->high->minus($top);
        $holes = array_map(fn (Length $hole) => $hole->minus($this->by), $plan->heights->hangerHoles);
        $bored = $this->site->isDone(StepKind::BoreLeaf);
        $isInside = ! $this->by->isUnder($down) && ! $this->by->isOver($up);
        // A plate can be packed up, not let in.
        $works = $isInside && ($holes === [] ? $this->by->isPositive() : ! $holes[0]->isUnder($diameter->scaled(5, 2)));
        $redo = $bored && $holes !== [] ? [StepKind::BoreLeaf, StepKind::CoatLeaf] : [];
        $plug = $bored && $holes !== [] && $this->by->absolute()->isUnder($diameter->times(2));

        return new WayOut(
            'line',
            'holes',
            $works,
            $bored ? 1 : 0,
            $redo,
            $this->site->minutes($redo),
            $holes === [] ? 'plate' : ($plug ? 'plugged' : 'holes'),
            [
                'first_hole' => $holes[0] ?? null,
                'holes' => $holes,
                'top_gap' => $top->plus($this->by),
                'plug_first' => $plug,
                'limits' => ['down_to' => $down, 'up_to' => $up],
            ],
            $this->site->written(['kit.rise' => $plan->kit->rise->plus($this->by)]),
            with: ['holes' => $holes, 'by' => $this->by],
        );
    }

    private function trim(): WayOut
    {
        $plan = $this->site->plan;
        $off = Grid::of($plan->doorway)->upToSixteenth($this->by->negated()->orZeroIfNegative());
        $limit = $plan->doorway->brief->leaf->trimLimit;
        $groove = $plan->kit->guide->style->needsGroove();
        $redo = [StepKind::TrimLeaf, StepKind::CoatLeaf];

        return new WayOut(
            'line',
            'trim',
            $off->isPositive() && ! $off->isOver($limit),
            2,
            $redo,
            $this->site->minutes($redo),
            match (true) {
                ! $off->isPositive() => 'no-help',
                $off->isOver($limit) => $limit->isPositive() ? 'too-much' : 'not-told',
                default => $groove ? 'groove' : 'cut',
            },
            ['cut_off_foot' => $off, 'limit' => $limit, 'groove_deeper_by' => $groove ? $off : Length::zero()],
            $this->site->written(['brief.leaf.height' => $plan->heights->leaf->size->total->minus($off)]),
        );
    }

    private function board(): WayOut
    {
        $redo = [StepKind::BoreBoard, StepKind::BoardUp, StepKind::BoardFix, StepKind::RailUp, StepKind::RailTrue];
        $plug = $this->by->absolute()->isUnder(Length::mm(self::BOARD_SCREW_MM)->times(4));

        return new WayOut(
            'line',
            'board-moved',
            true,
            1,
            $redo,
            $this->site->minutes($redo),
            ($this->by->isPositive() ? 'down' : 'up').($plug ? '-plugged' : ''),
            ['by' => $this->by->negated(), 'plug_first' => $plug],
            with: ['by' => $this->by->absolute()],
        );
    }
}
