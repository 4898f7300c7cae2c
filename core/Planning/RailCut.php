<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Measure\Length;

/**
 * A rail that is cut on site from a bar as it is sold: at the end that keeps most of the holes the bar has.
 * Holes are numbered from the rail's left end, from 1.
 */
final readonly class RailCut
{
    /** A hole that is so near to one that is wanted is that one. */
    private const SAME_NM = 500_000;

    /**
     * @param  'left'|'right'  $end  where the rest is cut off
     * @param  list<int>  $kept  holes that the bar has
     * @param  list<int>  $bored  holes that are drilled new
     * @param  list<Length>  $left  holes that the bar has and nothing uses, from the rail's left end
     */
    private function __construct(
        public Length $bar,
        public string $end,
        public array $kept,
        public array $bored,
        public array $left,
    ) {}

    public static function isOnSite(Plan $plan): bool
    {
        return $plan->rail->isCut() && $plan->doorway->told->answer('brief.rail_cut') !== 'maker';
    }

    /** Null where no bar keeps its holes: its maker cuts it, no bar is long enough, or all are drilled on site. */
    public static function of(Plan $plan): ?self
    {
        $rail = $plan->rail;
        $enough = array_filter(
            $plan->kit->rail->lengths,
            fn (Length $bar) => $bar->isOver($rail->length->total),
        );
        if (
            ! self::isOnSite($plan) ||
            count($rail->pieces) > 1 ||
            $enough === [] ||
            $plan->kit->rail->freeHoles ||
            $plan->backing()->isSiteDrilled()
        ) {
            return null;
        }
        $bar = Length::least(...$enough);
        $cuts = [self::at('right', $bar, $plan), self::at('left', $bar, $plan)];

        return count($cuts[1]->kept) > count($cuts[0]->kept) ? $cuts[1] : $cuts[0];
    }

    /** @param  'left'|'right'  $end */
    private static function at(string $end, Length $bar, Plan $plan): self
    {
        $off = $end === 'left' ? $bar->minus($plan->rail->length->total) : Length::zero();
        $has = array_filter(
            array_map(fn (Length $hole) => $hole->minus($off), Rail::holesOfBar($bar, $plan->kit->rail)),
            fn (Length $hole) => $hole->isPositive() && $hole->isUnder($plan->rail->length->total),
        );
        $kept = $bored = [];
        foreach ($plan->rail->holes as $i => $hole) {
            $at = $hole->minus($plan->rail->span->low);
            $same = array_filter($has, fn (Length $one) => abs($one->nm - $at->nm) <= self::SAME_NM);
            $same === [] ? ($bored[] = $i + 1) : ($kept[] = $i + 1);
            $has = array_diff_key($has, $same);
        }

        return new self($bar, $end, $kept, $bored, array_values($has));
    }
}
