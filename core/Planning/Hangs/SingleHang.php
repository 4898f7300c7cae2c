<?php

declare(strict_types=1);

namespace YokeLine\Planning\Hangs;

use YokeLine\Doorway\Opens;
use YokeLine\Doorway\Surplus;
use YokeLine\Measure\Sum;
use YokeLine\Planning\Covering;
use YokeLine\Planning\Layout;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\LeafSize;

/** One leaf. It is worked opening right; one that opens left is the mirror image of its mirror image. */
final class SingleHang extends HangPlan
{
    protected function layout(): Layout
    {
        return $this->brief->opens === Opens::Left
            ? (new self($this->room->mirrored(), $this->brief, $this->kit, $this->unit, $this->grid))
                ->openingRight()
                ->mirrored()
            : $this->openingRight();
    }

    private function openingRight(): Layout
    {
        $rules = $this->brief->rules;
        $jambs = $this->room->opening->span();
        $covering = Covering::of($this->room, $rules, $this->grid);
        $width = LeafSize::choose(
            'leaf-width',
            $covering->width(),
            $this->brief->leaf->width,
            $this->brief->leaf->stockWidths,
            $this->grid->leafStep(),
        );

        $left = $this->grid->start($this->leadingEdge($covering, $width));
        $right = Sum::of('leaf-shut-right-edge')
            ->place('leaf-shut-left-edge', $left)
            ->plus('leaf-width', $width->size);
        $endRoom = $this->endRoom();
        $ends = $this->ends();
        $wanted = $this->wanted(
            $this->travelTo(
                'travel-wanted',
                Sum::of('leading-edge-open')->place('right-jamb', $jambs->high)->plus('park', $rules->park),
                'leaf-shut-left-edge',
                $left,
            ),
        );
        $limit = Sum::of('travel-wall-allows')
            ->place('right-end-wall', $this->room->wall->high)
            ->minus('room-kept-at-wall-end', $this->openRoom('leaf'))
            ->fromPlace('leaf-shut-right-edge', $right);
        $limit = $limit->becomes($this->grid->down($limit->total), 'on-the-tape');
        $travel = $this->neverBelowZero(
            Sum::least('travel', ['travel-wanted' => $wanted, 'travel-wall-allows' => $limit]),
        );
        $run = new LeafRun($left, $right, $width->size->total, $this->inset, $wanted, $travel, 'closed', 'open');

        $passage = $this->neverBelowZero(
            Sum::least('passage', [
                'least-measured-width' => $this->room->opening->leastWidth(),
                'from-left-jamb-to-open-leaf' => Sum::of('from-left-jamb-to-open-leaf')
                    ->place('leaf-shut-left-edge', $left)
                    ->plus('travel', $travel)
                    ->fromPlace('left-jamb', $jambs->low),
            ]),
        );
        $openEdge = Sum::of('leaf-open-right-edge')->place('leaf-shut-right-edge', $right)->plus('travel', $travel);
        $shutFace = $this->stopLeftOf('stop-face-shut', $left);
        $openFace = $this->stopRightOf('stop-face-open', $openEdge);

        return new Layout(
            $covering,
            $width,
            ['leaf' => $run],
            $endRoom,
            ['clear' => $passage],
            [
                'closed' => $this->end($ends['leaf.shut'], $shutFace, $left),
                'open' => $this->end($ends['leaf.open'], $openFace, $openEdge),
            ],
            $this->railFrom($shutFace, $ends['leaf.shut']),
            $this->railTo($openFace, $ends['leaf.open']),
            ['guide' => $this->windowRight($run)],
            ends: $ends,
        );
    }

    private function leadingEdge(Covering $covering, LeafSize $width): Sum
    {
        $edge = Sum::of('leaf-shut-left-edge')->place('must-cover-from', $covering->left);
        $spare = Sum::of('width-to-spare')->plus('leaf-width', $width->size)->minus('needed-width', $width->needed);

        return match ($this->brief->rules->surplus) {
            Surplus::Trailing => $edge,
            Surplus::Leading => $edge->minus('width-to-spare', $spare),
            Surplus::Even => $edge->minus('half-width-to-spare', $spare->total->half()),
        };
    }
}
