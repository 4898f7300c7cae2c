<?php

namespace YokeLine\Planning;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/**
 * What changes as the leaf goes from shut to open, as frames at every place where a number can turn:
 * between two neighbouring frames each number is straight.
 */
final class Slide
{
    /** @return list<array{by: Length, leading: Length, trailing: Length, gapLeading: Length, gapTrailing: Length, passage: Length, covered: Length, catch: ?string}> */
    public static function frames(Plan $plan): array
    {
        return array_map(fn (Length $by) => self::frame($plan, $by), self::turns($plan));
    }

    /** @return array{by: Length, leading: Length, trailing: Length, gapLeading: Length, gapTrailing: Length, passage: Length, covered: Length, catch: ?string} */
    public static function frame(Plan $plan, Length $by): array
    {
        $run = $plan->layout->run;
        $leaf = $run->opened($by);
        $jambs = $plan->room->opening->span();
        $free = $run->direction === 1 ? $leaf->low->minus($jambs->low) : $jambs->high->minus($leaf->high);

        return [
            'by' => $by,
            'leading' => $run->leading($leaf),
            'trailing' => $run->trailing($leaf),
            'gapLeading' => $plan->gapAt($run->leading($leaf)),
            'gapTrailing' => $plan->gapAt($run->trailing($leaf)),
            'passage' => Length::least($free, $plan->room->opening->leastWidth())->orZeroIfNegative(),
            'covered' => $leaf->cutTo($jambs)->length()->orZeroIfNegative(),
            'catch' => self::catch($plan, $by),
        ];
    }

    /** Which catch of the soft close has hold of the leaf. */
    private static function catch(Plan $plan, Length $by): ?string
    {
        $soft = $plan->softCloseFits() ? $plan->kit->softClose : null;

        return match (true) {
            $soft === null => null,
            $by->isUnder($soft->stroke) => 'shut',
            $by->isOver($plan->layout->run->travel->total->minus($soft->stroke)) => 'open',
            default => null,
        };
    }

    /** @return list<Length> ascending, from 0 to the whole travel */
    private static function turns(Plan $plan): array
    {
        $run = $plan->layout->run;
        $travel = $run->travel->total;
        $jambs = $plan->room->opening->span();
        $least = $plan->room->opening->leastWidth();
        $beside = $run->direction === 1 ? new Span($jambs->low, $jambs->low->plus($least)) : new Span($jambs->high->minus($least), $jambs->high);
        $turns = [Length::zero(), $travel];
        foreach ([$run->closed()->low, $run->closed()->high] as $edge) {
            foreach ([...$plan->floor->places(), $jambs->low, $jambs->high, $beside->low, $beside->high] as $place) {
                $turns[] = $place->minus($edge)->times($run->direction);
            }
        }
        if ($plan->kit->softClose !== null) {
            // A catch takes hold at once: the frame before it says so too.
            foreach ([$plan->kit->softClose->stroke, $travel->minus($plan->kit->softClose->stroke)] as $turn) {
                array_push($turns, $turn, $turn->minus(Length::mm(1)), $turn->plus(Length::mm(1)));
            }
        }
        $inside = array_filter($turns, fn (Length $by) => ! $by->isNegative() && ! $by->isOver($travel));
        usort($inside, fn (Length $a, Length $b) => $a->nm <=> $b->nm);

        return array_values(array_filter($inside, fn (Length $by, int $i) => $i === 0 || ! $by->equals($inside[$i - 1]), ARRAY_FILTER_USE_BOTH));
    }
}
