<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Measure\Length;
use YokeLine\Measure\Sum;
use YokeLine\Planning\Grid;
use YokeLine\Planning\Plan;

/**
 * A plan's numbers as its own tape says them, so that sums agree as they are shown: a thing's start to the nearest mark
 * of the tape, its end as long from there as it is said to be (the trade's rules page 7, section 2). In millimetres
 * each is what it comes to.
 */
final readonly class AsShown
{
    /** @param  array<string, Length>  $marked  where that is not what the sum comes to, by its key */
    private function __construct(private array $marked) {}

    public static function of(Plan $plan): self
    {
        $grid = Grid::of($plan->doorway);
        if ($grid->isFree()) {
            return new self([]);
        }
        [$left, $right] = $grid->endsAsRail($plan->rail->span);
        $marked = ['rail.left' => $left, 'rail.right' => $right];
        foreach ($plan->layout->runs as $leaf => $run) {
            $fromRight = $run->direction === -1;
            [$marked["{$leaf}.left"], $marked["{$leaf}.right"]] = $grid->ends($run->closed(), $fromRight);
            [$marked["{$leaf}.open_left"], $marked["{$leaf}.open_right"]] = $grid->ends($run->open(), $fromRight);
        }
        $line = $grid->nearestUp($plan->yokeLine());
        $marked['leaf.top'] = $line->minus($grid->nearestUp($plan->kit->rise));
        $marked['gap'] = $marked['leaf.top']->minus($grid->nearestUp($plan->heights->leaf->size->total));
        if ($plan->header !== null) {
            [$marked['header.left'], $marked['header.right']] = $grid->endsAsRail($plan->header->span);
            $foot = $grid->nearestUp($plan->header->foot->total);
            $high = $plan->header->top->total->minus($plan->header->foot->total);
            $marked['header.top'] = $foot->plus($grid->nearestUp($high));
        }

        return new self($marked);
    }

    public function sum(string $key, Sum $sum): Length
    {
        return $this->marked[$key] ?? $sum->total;
    }

    /** Of that sum, which comes to so much. */
    public function length(string $key, Length $is): Length
    {
        return $this->marked[$key] ?? $is;
    }
}
