<?php

declare(strict_types=1);

namespace YokeLine\Anchoring;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Planning\Plan;

/** Masonry breaks out near its edges: holes keep 60 from the opening and from a corner. */
final class MasonryEdge
{
    public const KEPT_MM = 60;

    public static function isNear(Plan $plan, Length $x, ?Length $y = null): bool
    {
        $kept = Length::mm(self::KEPT_MM);
        $wall = $plan->room->wall;
        $opening = $plan->room->opening->span()->widened($kept);
        $head = new Span(Length::zero(), $plan->heights->head->total->plus($kept));

        return $x->minus($wall->low)->isUnder($kept) || $wall->high->minus($x)->isUnder($kept) || ($opening->contains($x) && $head->contains($y ?? $plan->yokeLine()));
    }
}
