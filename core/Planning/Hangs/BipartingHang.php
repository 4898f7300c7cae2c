<?php

declare(strict_types=1);

namespace YokeLine\Planning\Hangs;

use YokeLine\Measure\Sum;
use YokeLine\Planning\Covering;
use YokeLine\Planning\Layout;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\LeafSize;

/** Two leaves of one width that meet in the middle; what is to spare goes outside. */
final class BipartingHang extends HangPlan
{
    protected function layout(): Layout
    {
        $rules = $this->brief->rules;
        $jambs = $this->room->opening->span();
        $wall = $this->room->wall;
        $covering = Covering::of($this->room, $rules, $this->grid);
        $gap = $this->grid->nearest($rules->meetingGap);
        // The left leaf starts on the tape, the right one a gap on; they meet midway.
        $start = $this->grid->nearest($jambs->middle()->minus($gap->half()));
        $middle = $this->grid->isFree() ? $jambs->middle() : $start->plus($gap->half());
        $halfGap = $gap->half();
        $needed = Sum::of('needed-width-each-leaf')
            ->plus(
                'from-middle-to-further-end-what-covered',
                Sum::greatest('from-middle-to-what-covered', [
                    'to-left' => Sum::of('to-left')
                        ->place('middle', $middle)
                        ->fromPlace('must-cover-from', $covering->left),
                    'to-right' => Sum::of('to-right')
                        ->place('must-cover-to', $covering->right)
                        ->fromPlace('middle', $middle),
                ]),
            )
            ->minus('half-meeting-gap', $halfGap);
        $width = LeafSize::choose(
            'width-each-leaf',
            $needed,
            $this->brief->leaf->width,
            $this->brief->leaf->stockWidths,
            $this->grid->leafStep(),
        );
        $ends = $this->ends();

        $innerLeft = Sum::of('left-leaf-shut-right-edge')
            ->place('middle', $middle)
            ->minus('half-meeting-gap', $halfGap);
        $outerLeft = Sum::of('left-leaf-shut-left-edge')
            ->place('left-leaf-shut-right-edge', $innerLeft)
            ->minus('leaf-width', $width->size);
        $innerRight = Sum::of('right-leaf-shut-left-edge')
            ->place('middle', $middle)
            ->plus('half-meeting-gap', $halfGap);
        $outerRight = Sum::of('right-leaf-shut-right-edge')
            ->place('right-leaf-shut-left-edge', $innerRight)
            ->plus('leaf-width', $width->size);

        $wantedLeft = $this->wanted(
            Sum::of('travel-wanted-left-leaf')
                ->place('left-leaf-shut-right-edge', $innerLeft)
                ->fromPlace('left-jamb', $this->grid->nearest($jambs->low->minus($rules->park))->plus($rules->park))
                ->plus('park', $rules->park),
        );
        $limitLeft = Sum::of('travel-wall-allows-left-leaf')
            ->place('left-leaf-shut-left-edge', $outerLeft)
            ->fromPlace('left-end-wall', $wall->low)
            ->minus('room-kept-at-wall-end', $this->openRoom('left'));
        $limitLeft = $limitLeft->becomes($this->grid->down($limitLeft->total), 'on-the-tape');
        $wantedRight = $this->wanted(
            Sum::of('travel-wanted-right-leaf')
                ->place('right-jamb', $this->grid->nearest($jambs->high->plus($rules->park))->minus($rules->park))
                ->plus('park', $rules->park)
                ->fromPlace('right-leaf-shut-left-edge', $innerRight),
        );
        $limitRight = Sum::of('travel-wall-allows-right-leaf')
            ->place('right-end-wall', $wall->high)
            ->minus('room-kept-at-wall-end', $this->openRoom('right'))
            ->fromPlace('right-leaf-shut-right-edge', $outerRight);
        $limitRight = $limitRight->becomes($this->grid->down($limitRight->total), 'on-the-tape');
        $travelLeft = $this->neverBelowZero(
            Sum::least('travel-left-leaf', ['travel-wanted' => $wantedLeft, 'travel-wall-allows' => $limitLeft]),
        );
        $travelRight = $this->neverBelowZero(
            Sum::least('travel-right-leaf', [
                'travel-wanted' => $wantedRight,
                'travel-wall-allows' => $limitRight,
            ]),
        );
        $runs = [
            'left' => new LeafRun(
                $outerLeft,
                $innerLeft,
                $width->size->total,
                $this->inset,
                $wantedLeft,
                $travelLeft,
                'left_closed',
                'left_open',
                -1,
            ),
            'right' => new LeafRun(
                $innerRight,
                $outerRight,
                $width->size->total,
                $this->inset,
                $wantedRight,
                $travelRight,
                'right_closed',
                'right_open',
            ),
        ];

        $passage = $this->neverBelowZero(
            Sum::least('passage', [
                'least-measured-width' => $this->room->opening->leastWidth(),
                'between-open-leaves' => Sum::of('between-open-leaves')
                    ->plus('meeting-gap', $gap)
                    ->plus('travel-left-leaf', $travelLeft)
                    ->plus('travel-right-leaf', $travelRight),
            ]),
        );
        $openLeft = Sum::of('left-leaf-open-left-edge')
            ->place('left-leaf-shut-left-edge', $outerLeft)
            ->minus('travel', $travelLeft);
        $openRight = Sum::of('right-leaf-open-right-edge')
            ->place('right-leaf-shut-right-edge', $outerRight)
            ->plus('travel', $travelRight);
        $faces = [
            'left_open' => $this->stopLeftOf('stop-face-left-leaf-open', $openLeft),
            'left_closed' => $this->stopRightOf('stop-face-left-leaf-shut', $innerLeft),
            'right_closed' => $this->stopLeftOf('stop-face-right-leaf-shut', $innerRight),
            'right_open' => $this->stopRightOf('stop-face-right-leaf-open', $openRight),
        ];

        return new Layout(
            $covering,
            $width,
            $runs,
            $this->endRoom(),
            ['clear' => $passage],
            [
                'left_open' => $this->end($ends['left.open'], $faces['left_open'], $openLeft),
                'left_closed' => $this->end($ends['left.shut'], $faces['left_closed'], $innerLeft),
                'right_closed' => $this->end($ends['right.shut'], $faces['right_closed'], $innerRight),
                'right_open' => $this->end($ends['right.open'], $faces['right_open'], $openRight),
            ],
            $this->railFrom($faces['left_open'], $ends['left.open']),
            $this->railTo($faces['right_open'], $ends['right.open']),
            ['left' => $this->windowLeft($runs['left']), 'right' => $this->windowRight($runs['right'])],
            meeting: $middle,
            ends: $ends,
        );
    }
}
