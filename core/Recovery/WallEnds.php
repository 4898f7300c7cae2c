<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Doorway\EndBy;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Span;
use YokeLine\Planning\Buffer;
use YokeLine\Planning\Grid;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\Plan;
use YokeLine\Work\StepKind;

/** The wall ends sooner than it was measured, for the rail or for the leaf. */
final readonly class WallEnds
{
    private string $end;

    /** The leaf that opens towards that end; any, where none does. */
    private string $leaf;

    /** @param  'from'|'to'  $which  end of the wall */
    public function __construct(private OnSite $site, private string $which, private Length $at)
    {
        $this->end = $which === 'to' ? 'right' : 'left';
        $runs = $site->plan->layout->runs;
        $towards = array_filter($runs, fn (LeafRun $run) => $run->direction === ($which === 'to' ? 1 : -1));
        $this->leaf = (string) array_key_first($towards === [] ? $runs : $towards);
    }

    /** @return list<WayOut> */
    public function ways(): array
    {
        $again = $this->site->again($this->truly());

        return $again === null ? [] : WayOut::ranked([$this->slide($again), $this->cut($again), $this->buffer($again)]);
    }

    private function slide(Plan $again): WayOut
    {
        $plan = $this->site->plan;
        $works =
            ! $again->rail->span->low->isUnder($again->room->wall->low) &&
            ! $again->rail->span->high->isOver($again->room->wall->high) &&
            $again->rail->length->total->equals($plan->rail->length->total) &&
            ! $this->site->isDone(StepKind::RailUp) &&
            $this->travel($again)->isPositive();
        $passage = $again->leastPassage();

        return new WayOut(
            'wall-ends',
            'slide',
            $works,
            0,
            [],
            0,
            $works ? 'fits' : ($this->site->isDone(StepKind::RailUp) ? 'bolted' : 'too-long'),
            [
                'rail_left' => $again->rail->span->low,
                'rail_right' => $again->rail->span->high,
                'least_rail' => $again->rail->least->total,
                'travel' => $this->travel($again),
                'passage' => $passage,
                'passage_lost' => $plan->leastPassage()->minus($passage),
                'guide_at' => $again->leaves()[$this->leaf]->guide->at,
                'stop_open' => $this->openStop($again),
            ],
            $this->site->written($this->truly()),
        );
    }

    private function cut(Plan $again): WayOut
    {
        $plan = $this->site->plan;
        $kit = $plan->kit->rail;
        $wall = $again->room->wall;
        $span = $this->leftOf($plan->rail->span, $wall);
        $inside = $span->widened($plan->kit->boltDiameter->scaled(3, 2)->negated());
        $holes = array_values(array_filter($plan->rail->holes, $inside->contains(...)));
        $cutOff = $plan->rail->length->total->minus($span->length());
        $outer =
            $holes === []
                ? $span->length()
                : ($this->end === 'right'
                    ? $span->high->minus($holes[count($holes) - 1])
                    : $holes[0]->minus($span->low));
        $new = $outer->isOver($kit->firstFixingWithin)
            ? ($this->end === 'right'
                ? $span->high->minus($kit->firstHole)
                : $span->low->plus($kit->firstHole))
            : null;
        $works =
            $cutOff->isPositive() &&
            ($kit->cuttable || $plan->rail->isCut()) &&
            ! $span->length()->isUnder($again->rail->least->total);
        $redo = $new === null ? [StepKind::CutRail] : [StepKind::CutRail, StepKind::BoreRail];

        return new WayOut(
            'wall-ends',
            'cut-rail',
            $works,
            1,
            $redo,
            $this->site->minutes($redo),
            match (true) {
                $works && $new === null => 'cut',
                $works => 'cut-and-drill',
                $cutOff->isPositive() => 'too-short',
                default => 'inside',
            },
            [
                'end' => $this->end,
                'cut_off' => $cutOff,
                'length' => $span->length(),
                'least_rail' => $again->rail->least->total,
                'holes_left' => $holes,
                'last_hole_to_end' => $outer,
                'limit' => $kit->firstFixingWithin,
                'new_hole_at' => $new,
                'travel' => $this->travel($again),
                'passage' => $again->leastPassage(),
            ],
            $this->site->written($this->truly()),
            with: ['side' => Message::word('sides', $this->end)],
        );
    }

    /** The rail as long as it is cut: from the end that stays, down to what a tape reads. */
    private function leftOf(Span $rail, Span $wall): Span
    {
        $left = $rail->cutTo($wall);
        $long = Grid::of($this->site->plan->doorway)->downToSixteenth($left->length());

        return match (true) {
            $left->length()->equals($rail->length()) => $rail,
            $this->end === 'right' => new Span($left->low, $left->low->plus($long)),
            default => new Span($left->high->minus($long), $left->high),
        };
    }

    private function buffer(Plan $again): WayOut
    {
        $run = $this->site->plan->layout->runs[$this->leaf];
        $ends = $this->site->plan->doorway->brief->ends;
        $room = $again->room->wall;
        $end = Buffer::thickness($this->site->plan->doorway->units);
        $wall =
            $run->direction === 1
                ? $room->high->minus($end, $run->closed()->high)
                : $run->closed()->low->minus($room->low->plus($end));
        $travel = Length::least($wall, $run->wanted->total);
        $gains = $travel->minus($this->travel($again));
        $passage = Length::least($again->leastPassage()->plus($gains), $this->site->plan->leastPassage());

        return new WayOut(
            'wall-ends',
            'buffer',
            $gains->isPositive(),
            1,
            [],
            0,
            $gains->isPositive() ? 'gains' : 'nothing',
            ['end' => $end, 'travel' => $travel, 'passage' => $passage, 'gains' => $gains],
            $this->site->written([...$this->truly(), $ends->place($this->leaf, 'open') => EndBy::WallBuffer->value]),
        );
    }

    /** @return array<string, Length> the wall as it is, the leaf as it is there */
    private function truly(): array
    {
        $plan = $this->site->plan;

        return [
            "survey.wall.{$this->which}" => $this->at,
            'brief.leaf.width' => $plan->layout->width->size->total,
            'brief.leaf.height' => $plan->heights->leaf->size->total,
        ];
    }

    private function travel(Plan $plan): Length
    {
        return $plan->layout->runs[$this->leaf]->travel->total;
    }

    private function openStop(Plan $plan): Length
    {
        return $plan->layout->stops[$plan->layout->runs[$this->leaf]->openStop]->total;
    }
}
