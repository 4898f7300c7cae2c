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
        $covering = Covering::of($this->room, $rules);
        $middle = $jambs->middle();
        $halfGap = $rules->meetingGap->half();
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
            $this->unit,
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
                ->fromPlace('left-jamb', $jambs->low)
                ->plus('park', $rules->park),
        );
        $limitLeft = Sum::of('travel-wall-allows-left-leaf')
            ->place('left-leaf-shut-left-edge', $outerLeft)
            ->fromPlace('left-end-wall', $wall->low)
            ->minus('room-kept-at-wall-end', $this->openRoom('left'));
        $wantedRight = $this->wanted(
            Sum::of('travel-wanted-right-leaf')
                ->place('right-jamb', $jambs->high)
                ->plus('park', $rules->park)
                ->fromPlace('right-leaf-shut-left-edge', $innerRight),
        );
        $limitRight = Sum::of('travel-wall-allows-right-leaf')
            ->place('right-end-wall', $wall->high)
            ->minus('room-kept-at-wall-end', $this->openRoom('right'))
            ->fromPlace('right-leaf-shut-right-edge', $outerRight);
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
                    ->plus('meeting-gap', $rules->meetingGap)
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
