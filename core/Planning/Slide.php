<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/**
 * What changes as one leaf goes from shut to open while the others stay shut, as frames at every place
 * where a number can turn: between two neighbouring frames each number is straight.
 *
 * @phpstan-type Frame array{
 *     by: Length, leading: Length, trailing: Length, gapLeading: Length, gapTrailing: Length,
 *     passage: Length, covered: Length, catch: ?string
 * }
 */
final class Slide
{
    /** @return list<Frame> */
    public static function frames(Plan $plan, PlannedLeaf $of): array
    {
        return array_map(fn (Length $by) => self::frame($plan, $of, $by), self::turns($plan, $of->run));
    }

    /** @return Frame */
    public static function frame(Plan $plan, PlannedLeaf $of, Length $by): array
    {
        $run = $of->run;
        $leaf = $run->opened($by);

        return [
            'by' => $by,
            'leading' => $run->leading($leaf),
            'trailing' => $run->trailing($leaf),
            'gapLeading' => $plan->gapAt($run->leading($leaf)),
            'gapTrailing' => $plan->gapAt($run->trailing($leaf)),
            'passage' => Length::least(
                self::free($plan, $run, $leaf),
                $plan->room->opening->leastWidth(),
            )->orZeroIfNegative(),
            'covered' => self::covered($plan, $run, $leaf),
            'catch' => self::catch($plan, $of, $by),
        ];
    }

    /** From what the leading edge leaves behind it, another leaf or the jamb, to the leading edge. */
    private static function free(Plan $plan, LeafRun $run, Span $leaf): Length
    {
        return $run->leading($leaf)->minus(self::opensFrom($plan, $run))->times($run->direction);
    }

    /**
     * Where the passage begins that this leaf opens: the jamb that its leading edge leaves, or the shut leaf that it
     * met or covered.
     */
    private static function opensFrom(Plan $plan, LeafRun $run): Length
    {
        $jambs = $plan->room->opening->span();
        if (! $plan->hang()->leavesMeet()) {
            return $run->direction === 1 ? $jambs->low : $jambs->high;
        }
        // The leaf that it meets ends where this one begins, a meeting gap away.
        $edges = [];
        foreach ($plan->layout->runs as $other) {
            if ($other !== $run) {
                $edges[] = $run->direction === 1 ? $other->closed()->high : $other->closed()->low;
            }
        }

        return $edges[0];
    }

    /** How much of the opening is covered while the leaf stands there and the others are shut. */
    private static function covered(Plan $plan, LeafRun $run, Span $leaf): Length
    {
        $jambs = $plan->room->opening->span();
        $covered = $leaf->cutTo($jambs)->length()->orZeroIfNegative();
        foreach ($plan->layout->runs as $other) {
            if ($other !== $run) {
                $shut = $other->closed()->cutTo($jambs);
                $twice = $shut->cutTo($leaf)->length()->orZeroIfNegative();
                $covered = $covered->plus($shut->length())->minus($twice);
            }
        }

        return $covered;
    }

    /** Which catch of the soft close has hold of the leaf. */
    private static function catch(Plan $plan, PlannedLeaf $of, Length $by): ?string
    {
        $soft = $of->softClose ? $plan->kit->softClose : null;

        return match (true) {
            $soft === null => null,
            $soft->sides->has('shut') && $by->isUnder($soft->stroke) => 'shut',
            $soft->sides->has('open') &&
                $by->isOver($of->run->travel->total->minus($soft->stroke)) => 'open',
            default => null,
        };
    }

    /** @return list<Length> ascending, from 0 to the whole travel */
    private static function turns(Plan $plan, LeafRun $run): array
    {
        $travel = $run->travel->total;
        $jambs = $plan->room->opening->span();
        $from = self::opensFrom($plan, $run);
        $places = [
            ...$plan->floor->places(),
            $jambs->low,
            $jambs->high,
            $from,
            $from->plus($plan->room->opening->leastWidth()->times($run->direction)),
        ];
        foreach ($plan->layout->runs as $other) {
            array_push($places, $other->closed()->low, $other->closed()->high);
        }
        $turns = [Length::zero(), $travel];
        foreach ([$run->closed()->low, $run->closed()->high] as $edge) {
            foreach ($places as $place) {
                $turns[] = $place->minus($edge)->times($run->direction);
            }
        }
        if ($plan->kit->softClose !== null) {
            // A catch takes hold at once: the frames round it say so.
            foreach ([$plan->kit->softClose->stroke, $travel->minus($plan->kit->softClose->stroke)] as $turn) {
                array_push($turns, $turn, $turn->minus(Length::mm(1)), $turn->plus(Length::mm(1)));
            }
        }
        $inside = array_filter($turns, fn (Length $by) => ! $by->isNegative() && ! $by->isOver($travel));
        usort($inside, fn (Length $a, Length $b) => $a->nm <=> $b->nm);

        return array_values(
            array_filter(
                $inside,
                fn (Length $by, int $i) => $i === 0 || ! $by->equals($inside[$i - 1]),
                ARRAY_FILTER_USE_BOTH,
            ),
        );
    }
}
