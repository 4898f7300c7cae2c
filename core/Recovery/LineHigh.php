<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Measure\Length;
use YokeLine\Work\StepKind;

/** The rail line is level and too high, or too low. */
final readonly class LineHigh
{
    /** A leaf wants so much under it. */
    private const LEAST_GAP_MM = 3;

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
        $down = Length::mm(self::LEAST_GAP_MM)->minus($gap->low);
        $up = $guide->hold->total->minus($least);
        $works = ! $this->by->isUnder($down) && ! $this->by->isOver($up);
        $deeper = $guide->grooveDepth !== null && $this->by->isNegative() && $this->site->isDone(StepKind::Groove);
        $redo = $works && $deeper ? [StepKind::Groove] : [];

        return new WayOut(
            'gap',
            $works,
            0,
            $redo,
            $this->site->minutes($redo),
            "Let the gap be {$this->site->say($gap->low->plus($this->by))}",
            "The leaf hangs with the line. The guide then holds {$this->site->say($bite)}, {$this->site->say($least)} is wanted.".
                ($deeper ? " The groove goes to {$this->site->write->showUp($bite->plus(Length::mm(3)))}." : ''),
            [
                'gap' => ['min' => $gap->low->plus($this->by), 'max' => $gap->high->plus($this->by)],
                'bite' => $bite,
                'bite_wanted' => $least,
                'groove_at_least' => $bite->plus(Length::mm(3)),
                'head_cover' => $plan->heights->leafTop()->plus($this->by)->minus($plan->heights->head->total),
                'limits' => ['down_to' => $down, 'up_to' => $up],
            ],
            $this->site->written(['brief.rules.gap' => $gap->low->plus($this->by)]),
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
            'holes',
            $works,
            $bored ? 1 : 0,
            $redo,
            $this->site->minutes($redo),
            $holes === []
                ? "Pack {$this->site->say($this->by)} under each plate"
                : 'Bore the hanger holes at '.WayOut::list($holes, $this->site->say(...)),
            "The gap stays; the top gap becomes {$this->site->say($top->plus($this->by))}.".
                ($plug ? ' The old holes are plugged and set first.' : ''),
            [
                'first_hole' => $holes[0] ?? null,
                'holes' => $holes,
                'top_gap' => $top->plus($this->by),
                'plug_first' => $plug,
                'limits' => ['down_to' => $down, 'up_to' => $up],
            ],
            $this->site->written(['kit.rise' => $plan->kit->rise->plus($this->by)]),
        );
    }

    private function trim(): WayOut
    {
        $plan = $this->site->plan;
        $off = $this->by->negated()->orZeroIfNegative();
        $limit = $plan->doorway->brief->leaf->trimLimit;
        $groove = $plan->kit->guide->style->needsGroove();
        $redo = [StepKind::TrimLeaf, StepKind::CoatLeaf];

        return new WayOut(
            'trim',
            $off->isPositive() && ! $off->isOver($limit),
            2,
            $redo,
            $this->site->minutes($redo),
            "Cut {$this->site->say($off)} off the foot",
            $off->isPositive()
                ? ($off->isOver($limit)
                    ? ($limit->isPositive()
                        ? "Only {$this->site->say($limit)} may come off."
                        : 'Nobody has told how much may come off.')
                    : 'Coat the cut edge.'.($groove ? " The groove goes {$this->site->say($off)} deeper." : ''))
                : 'Cutting it would not help: the line is too high.',
            ['cut_off_foot' => $off, 'limit' => $limit, 'groove_deeper_by' => $groove ? $off : Length::zero()],
            $this->site->written(['brief.leaf.height' => $plan->heights->leaf->size->total->minus($off)]),
        );
    }

    private function board(): WayOut
    {
        $redo = [StepKind::BoreBoard, StepKind::BoardUp, StepKind::BoardFix, StepKind::RailUp, StepKind::RailTrue];
        $plug = $this->by->absolute()->isUnder(Length::mm(self::BOARD_SCREW_MM)->times(4));

        return new WayOut(
            'board-moved',
            true,
            1,
            $redo,
            $this->site->minutes($redo),
            'Move the board '.($this->by->isPositive() ? 'down ' : 'up ').$this->site->say($this->by->absolute()),
            'Rail off, board off and up again where it was planned.'.
                ($plug ? ' Its old screw holes are plugged first.' : ''),
            ['by' => $this->by->negated(), 'plug_first' => $plug],
        );
    }
}
