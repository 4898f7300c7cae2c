<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

use Closure;

/**
 * Better and better placings: the order of one is changed a little, placed, pushed back from its end and forward again,
 * and kept where it is no
 * worse. Better is what ends sooner, then what has its steps sooner; the best is also asked for its person-visits and
 * its standing about.
 */
final class Search
{
    /** So often nothing better is found before it goes back to the best: on one site, and where there are more. */
    private const PATIENCE = [400, 40];

    /**
     * Who is no later than so many minutes after what is kept is worth pushing back and forth: on one site, and where
     * there are more.
     */
    private const NEAR = [120, 30];

    /** How often a whole site is moved, where there are more. */
    private const SITES = 0.6;

    /** How often people are sent in turn from site to site, some of them elsewhere, and all left free: added up. */
    private const ELSEWHERE = [0.03, 0.25, 0.27];

    private Placing $best;

    private Placing $kept;

    private int $spent = 0;

    /** @param  Closure(): float  $chance  numbers from 0 to 1 */
    private function __construct(private readonly Steps $steps, private readonly Closure $chance) {}

    /**
     * @param  array<int, float>  $order  to begin with: how much each step presses
     * @param  Closure(): float  $chance  numbers from 0 to 1
     * @param  int  $effort  steps that may be placed
     * @param  int  $soonest  no plan ends before: there it stops
     *
     * @throws CannotStaff
     */
    public static function best(Steps $steps, array $order, Closure $chance, int $effort, int $soonest): Placing
    {
        $search = new self($steps, $chance);
        $search->best = $search->kept = $search->pushed($search->placed($order, Whereabouts::anywhere()));
        [$patience, $near] =
            count($steps->travel) > 1 ? [self::PATIENCE[1], self::NEAR[1]] : [self::PATIENCE[0], self::NEAR[0]];
        for ($inVain = 0; $search->spent < $effort && $search->best->end() > $soonest;) {
            $placing = $search->placed($search->changed(), $search->elsewhere(), $chance);
            $placing = $placing->end() <= $search->kept->end() + $near ? $search->pushed($placing) : $placing;
            $inVain = $placing->progress() < $search->kept->progress() ? 0 : $inVain + 1;
            if ($placing->progress() <= $search->kept->progress()) {
                $search->kept = $placing;
            }
            if ($placing->end() <= $search->best->end() && $placing->rank() < $search->best->rank()) {
                $search->best = $placing;
            }
            if ($inVain > $patience) {
                [$search->kept, $inVain] = [$search->best, 0];
            }
        }

        return $search->best;
    }

    /**
     * @param  array<int, float>  $order
     * @param  ?Closure(): float  $chance
     */
    private function placed(array $order, Whereabouts $where, ?Closure $chance = null): Placing
    {
        $this->spent += $this->steps->count();
        $staying =
            $chance !== null && count($this->steps->travel) > 1 && $chance() < 0.6
                ? 0.3 * $chance() ** 2 * self::range($order)
                : 0.0;

        return Placing::all($this->steps, $order, $where, $staying, $chance);
    }

    /**
     * Placed from its end back, as late as may be, and in the order that comes of that as soon as may be; kept where it
     * ends no later.
     */
    private function pushed(Placing $placing): Placing
    {
        $this->spent += $this->steps->count();
        $late = Placing::all($this->steps->backwards($placing->end()), array_map(floatval(...), $placing->ends));
        $again = $this->placed(array_map(floatval(...), $late->ends), $placing->where);

        return $again->end() <= $placing->end() ? $again : $placing;
    }

    /** Where people are in what is kept, now and then a little changed. */
    private function elsewhere(): Whereabouts
    {
        $which = count($this->steps->travel) === 1 ? 1.0 : ($this->chance)();
        $till = intdiv($this->kept->end(), DayPlan::DAY);

        return match (true) {
            $which < self::ELSEWHERE[0] => Whereabouts::inTurn($this->steps, $till, $this->chance),
            $which < self::ELSEWHERE[1] => $this->kept->where->changed($this->steps, $till, $this->chance),
            $which < self::ELSEWHERE[2] => Whereabouts::anywhere(),
            default => $this->kept->where,
        };
    }

    /** @return array<int, float> the order of what is kept, a little changed */
    private function changed(): array
    {
        $order = array_map(fn (int $start) => -(float) $start, $this->kept->starts);
        $range = self::range($order);
        $which = ($this->chance)();
        if (count($this->steps->travel) > 1 && $which < self::SITES) {
            return $this->siteShifted($order, $range);
        }
        $which = ($this->chance)();

        return match (true) {
            $which < 0.25 => $this->scattered($order, $range),
            $which < 0.5 => $this->someMoved($order, $range),
            default => $this->pulled($order, $range),
        };
    }

    /**
     * All steps of a site, or those of some days, sooner or later.
     *
     * @param  array<int, float>  $order
     * @return array<int, float>
     */
    private function siteShifted(array $order, float $range): array
    {
        $chance = $this->chance;
        $site = (int) ($chance() * count($this->steps->travel));
        $least = min([INF, ...$order]);
        [$from, $to] = [$least + $chance() * $range, $least + $chance() * $range];
        $isAll = $chance() < 0.4;
        $by = 1.4 * ($chance() - 0.5) * $chance() * $range;
        foreach ($order as $step => $presses) {
            if (
                $this->steps->sites[$step] === $site &&
                ($isAll || ($presses >= min($from, $to) && $presses <= max($from, $to)))
            ) {
                $order[$step] += $by;
            }
        }

        return $order;
    }

    /**
     * @param  array<int, float>  $order
     * @return array<int, float>
     */
    private function scattered(array $order, float $range): array
    {
        $chance = $this->chance;
        $share = 0.3 * $chance() ** 2 + 1 / count($order);
        foreach ($order as $step => $presses) {
            if ($chance() < $share) {
                $order[$step] += 0.4 * ($chance() - 0.5) * $chance() * $range;
            }
        }

        return $order;
    }

    /**
     * @param  array<int, float>  $order
     * @return array<int, float>
     */
    private function someMoved(array $order, float $range): array
    {
        $chance = $this->chance;
        for ($left = 1 + (int) (3 * $chance()); $left > 0; $left--) {
            $order[(int) ($chance() * count($order))] += ($chance() - 0.5) * $chance() * $range;
        }

        return $order;
    }

    /**
     * A step, most often one of the chain that holds the end, sooner with all that goes before it; now and then later
     * by itself.
     *
     * @param  array<int, float>  $order
     * @return array<int, float>
     */
    private function pulled(array $order, float $range): array
    {
        $chance = $this->chance;
        $chain = $chance() < 0.7 ? $this->kept->chain() : array_keys($order);
        $step = $chain[(int) ($chance() * count($chain))];
        $by = 0.6 * $chance() ** 2 * $range;
        if ($chance() < 0.3) {
            $order[$step] -= $by;

            return $order;
        }
        $seen = [];
        for ($open = [$step]; $open !== [];) {
            $step = array_pop($open);
            if (! isset($seen[$step])) {
                $seen[$step] = true;
                $order[$step] += $by;
                array_push($open, ...array_keys($this->steps->before[$step]));
            }
        }

        return $order;
    }

    /** @param  array<int, float>  $order */
    private static function range(array $order): float
    {
        return $order === [] ? 0.0 : max($order) - min($order) + 1;
    }
}
