<?php

declare(strict_types=1);

namespace YokeLine\Planning\Hangs;

use YokeLine\Doorway\Brief;
use YokeLine\Doorway\EndBy;
use YokeLine\Doorway\Ends;
use YokeLine\Doorway\Hang;
use YokeLine\Doorway\Kit;
use YokeLine\Measure\Length;
use YokeLine\Measure\Sum;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Buffer;
use YokeLine\Planning\Grid;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\Layout;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\Room;
use YokeLine\Planning\Window;

/** One way of hanging a door; the place that chooses it, and what all of them share. */
abstract class HangPlan
{
    protected readonly Length $inset;

    final protected function __construct(
        protected readonly Room $room,
        protected readonly Brief $brief,
        protected readonly Kit $kit,
        protected readonly Unit $unit,
        protected readonly Grid $grid,
    ) {
        $this->inset = $brief->rules->hangerInset ?? $kit->hanger->inset;
    }

    public static function of(Room $room, Brief $brief, Kit $kit, Unit $unit, Grid $grid): Layout
    {
        return match ($brief->hang) {
            Hang::Single => (new SingleHang($room, $brief, $kit, $unit, $grid->worked()))->layout(),
            Hang::Biparting => (new BipartingHang($room, $brief, $kit, $unit, $grid->worked()))->layout(),
            Hang::Bypass => (new BypassHang($room, $brief, $kit, $unit, $grid->worked()))->layout(),
        };
    }

    abstract protected function layout(): Layout;

    /** What the leaf's clearance, or the rail's stop and margin, must have at the end of the wall. */
    protected function endRoom(): Sum
    {
        return Sum::greatest('room-kept-at-wall-end', [
            'end-clearance' => $this->brief->rules->endClearance,
            'stop-and-margin-past-leaf' => Sum::of('stop-and-margin-past-leaf')
                ->plus('stop-reach', $this->kit->stop->reach)
                ->plus('stop-body', $this->kit->stop->body)
                ->plus('end-margin', $this->kit->rail->endMargin)
                ->minus('hanger-inset', $this->inset),
        ]);
    }

    /** The same where this leaf opens: a buffer ends it sooner than a stop and the end of the rail do. */
    protected function openRoom(string $leaf): Sum
    {
        return $this->brief->ends->by($leaf, 'open') === EndBy::WallBuffer
            ? Sum::of('room-kept-at-wall-end')->plus('buffer-on-wall', Buffer::thickness($this->unit))
            : $this->endRoom();
    }

    /** Travel wanted; a leaf parked for good wants none. */
    protected function wanted(Sum $travel): Sum
    {
        return $this->brief->rules->parked ? $travel->becomes(Length::zero(), 'parked') : $travel;
    }

    /** Whether the guide must keep out of the way of people. */
    private function isWayThrough(): bool
    {
        return $this->room->opening->is->isWayThrough() && ! $this->brief->rules->parked;
    }

    /** The face of a stop to the left of a wheel of the leaf whose left edge is at $edge. */
    protected function stopLeftOf(string $name, Sum $edge): Sum
    {
        return Sum::of($name)
            ->place('left-edge-leaf', $edge)
            ->plus('hanger-inset', $this->inset)
            ->minus('stop-reach', $this->kit->stop->reach);
    }

    /** The face of a stop to the right of a wheel of the leaf whose right edge is at $edge. */
    protected function stopRightOf(string $name, Sum $edge): Sum
    {
        return Sum::of($name)
            ->place('right-edge-leaf', $edge)
            ->minus('hanger-inset', $this->inset)
            ->plus('stop-reach', $this->kit->stop->reach);
    }

    /** Travel from where a leading edge is shut to where it is wanted open. */
    protected function travelTo(string $name, Sum $open, string $from, Sum $shut): Sum
    {
        $onTape = $this->grid->start($open);

        return $onTape === $open
            ? $open->renamed($name)->fromPlace($from, $shut)
            : Sum::of($name)->place('leading-edge-open', $onTape)->fromPlace($from, $shut);
    }

    /** @return array<string, EndBy> by leaf and way */
    protected function ends(): array
    {
        $ends = [];
        foreach ($this->brief->hang->leaves() as $leaf) {
            foreach (Ends::WAYS as $way) {
                $ends["{$leaf}.{$way}"] = $this->brief->ends->by($leaf, $way);
            }
        }

        return $ends;
    }

    /** What ends the travel at a leaf's edge: the edge itself where a buffer does, else the stop's face. */
    protected function end(EndBy $by, Sum $face, Sum $edge): Sum
    {
        return $by === EndBy::WallBuffer ? Sum::of($face->name)->place($edge->name, $edge) : $face;
    }

    /** Of a stop that is not on the rail the rail has no body to carry. */
    protected function railFrom(Sum $face, EndBy $by): Sum
    {
        $end = Sum::of('least-rail-from')->place('left-stop-face', $face);

        return ($by === EndBy::Stop ? $end->minus('stop-body', $this->kit->stop->body) : $end)->minus(
            'end-margin',
            $this->kit->rail->endMargin,
        );
    }

    protected function railTo(Sum $face, EndBy $by): Sum
    {
        $end = Sum::of('least-rail-to')->place('right-stop-face', $face);

        return ($by === EndBy::Stop ? $end->plus('stop-body', $this->kit->stop->body) : $end)->plus(
            'end-margin',
            $this->kit->rail->endMargin,
        );
    }

    /**
     * Under a leaf that opens right, shut and open, and out of the passage; a roller on the wall clears the casing too.
     */
    protected function windowRight(LeafRun $run): Window
    {
        $clear = Sum::of('clear-passage')
            ->place('right-jamb', $this->room->opening->span()->high)
            ->plus(
                'casing-for-roller',
                GuidePlace::casingInTheWay($this->kit, $this->room->opening->casing->right),
            );

        return new Window(
            Sum::greatest('guide-window-from', [
                'under-open-leaf' => $this->inside($run->openLeft(), 1),
                ...$this->isWayThrough() ? ['clear-passage' => $clear] : [],
            ]),
            $this->inside($run->right, -1)->renamed('guide-window-to'),
        );
    }

    /** The same of a leaf that opens left. */
    protected function windowLeft(LeafRun $run): Window
    {
        $clear = Sum::of('clear-passage')
            ->place('left-jamb', $this->room->opening->span()->low)
            ->minus(
                'casing-for-roller',
                GuidePlace::casingInTheWay($this->kit, $this->room->opening->casing->left),
            );

        return new Window(
            $this->inside($run->left, 1)->renamed('guide-window-from'),
            Sum::least('guide-window-to', [
                'under-open-leaf' => $this->inside($run->openRight(), -1),
                ...$this->isWayThrough() ? ['clear-passage' => $clear] : [],
            ]),
        );
    }

    /**
     * A place under the leaf, the guide's margin inside an edge.
     *
     * @param  1|-1  $towards  the leaf's middle, along x
     */
    protected function inside(Sum $edge, int $towards): Sum
    {
        $place = Sum::of('inside-edge')->place($edge->name, $edge);

        return $towards === 1
            ? $place->plus('guide-margin', $this->brief->rules->guideMargin)
            : $place->minus('guide-margin', $this->brief->rules->guideMargin);
    }

    protected function neverBelowZero(Sum $sum): Sum
    {
        return $sum->becomes($sum->total->orZeroIfNegative(), 'never-below');
    }
}
