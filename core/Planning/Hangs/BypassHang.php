<?php

declare(strict_types=1);

namespace YokeLine\Planning\Hangs;

use YokeLine\Doorway\EndBy;
use YokeLine\Measure\Length;
use YokeLine\Measure\Sum;
use YokeLine\Planning\Covering;
use YokeLine\Planning\Layout;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\LeafSize;
use YokeLine\Planning\Window;

/**
 * Two equal leaves on two parallel rails: shut, the rear one stands left and the front one right; either slides over to
 * the other.
 */
final class BypassHang extends HangPlan
{
    protected function layout(): Layout
    {
        $jambs = $this->room->opening->span();
        $least = $this->room->opening->leastWidth();
        $covering = Covering::of($this->room, $this->brief->rules, $this->grid);
        $span = $covering->width()->renamed('what-covered');
        $overlap = $this->brief->rules->midOverlapOver($this->kit->guide->length);
        $both = Sum::of('both-leaves')->plus('what-covered', $span)->plus('overlap-in-middle', $overlap);
        $needed = $both->becomes($both->total->half(), 'half-each')->renamed('needed-width-each-leaf');
        // Both leaves would eat into the overlap, so stock gets no tolerance here.
        $width = LeafSize::choose(
            'width-each-leaf',
            $needed,
            $this->brief->leaf->width,
            $this->brief->leaf->stockWidths,
            $this->grid->leafStep(),
            tolerance: Length::zero(),
        );

        $rearLeft = Sum::of('rear-leaf-shut-left-edge')->place('must-cover-from', $covering->left);
        $rearRight = Sum::of('rear-leaf-shut-right-edge')
            ->place('rear-leaf-shut-left-edge', $rearLeft)
            ->plus('leaf-width', $width->size);
        $frontRight = Sum::of('front-leaf-shut-right-edge')->place('must-cover-to', $covering->right);
        $frontLeft = Sum::of('front-leaf-shut-left-edge')
            ->place('front-leaf-shut-right-edge', $frontRight)
            ->minus('leaf-width', $width->size);
        $travel = $this->neverBelowZero(
            Sum::of('travel')
                ->place('front-leaf-shut-left-edge', $frontLeft)
                ->fromPlace('rear-leaf-shut-left-edge', $rearLeft),
        );
        $faces = [
            'left' => $this->stopLeftOf('stop-face-left', $rearLeft),
            'right' => $this->stopRightOf('stop-face-right', $frontRight),
        ];
        $ends = $this->ends();
        [$atLeft, $atRight] = [
            $this->both($ends['rear.shut'], $ends['front.open']),
            $this->both($ends['rear.open'], $ends['front.shut']),
        ];

        return new Layout(
            $covering,
            $width,
            [
                'rear' => new LeafRun(
                    $rearLeft,
                    $rearRight,
                    $width->size->total,
                    $this->inset,
                    $travel,
                    $travel,
                    'left',
                    'right',
                ),
                'front' => new LeafRun(
                    $frontLeft,
                    $frontRight,
                    $width->size->total,
                    $this->inset,
                    $travel,
                    $travel,
                    'right',
                    'left',
                    -1,
                    track: 1,
                ),
            ],
            $this->endRoom(),
            [
                'left' => $this->passage(
                    'passage-left',
                    $least,
                    Sum::of('from-left-jamb-to-front-leaf')
                        ->place('front-leaf-shut-left-edge', $frontLeft)
                        ->fromPlace('left-jamb', $jambs->low),
                ),
                'right' => $this->passage(
                    'passage-right',
                    $least,
                    Sum::of('from-rear-leaf-to-right-jamb')
                        ->place('right-jamb', $jambs->high)
                        ->fromPlace('rear-leaf-shut-right-edge', $rearRight),
                ),
            ],
            [
                'left' => $this->end($atLeft, $faces['left'], $rearLeft),
                'right' => $this->end($atRight, $faces['right'], $frontRight),
            ],
            $this->railFrom($faces['left'], $atLeft),
            $this->railTo($faces['right'], $atRight),
            [
                'guide' => new Window(
                    $this->inside($frontLeft, 1)->renamed('guide-window-from'),
                    $this->inside($rearRight, -1)->renamed('guide-window-to'),
                ),
            ],
            midOverlap: Sum::of('overlap-in-middle')
                ->plus('leaf-width', $width->size)
                ->plus('leaf-width', $width->size)
                ->minus('what-covered', $span),
            ends: $ends,
        );
    }

    /** Both leaves come to the same end, each on its rail: it is a stop as soon as one of them wants one. */
    private function both(EndBy $one, EndBy $other): EndBy
    {
        return $one === $other ? $one : EndBy::Stop;
    }

    private function passage(string $name, Length $least, Sum $free): Sum
    {
        return $this->neverBelowZero(
            Sum::least($name, ['least-measured-width' => $least, $free->name => $free]),
        );
    }
}
