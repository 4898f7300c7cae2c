<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Cure;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;

/** Ways to bring the rail line down. */
final class LowerLine
{
    /** @return list<Cure> */
    public static function cures(Sight $sight, Length $by): array
    {
        $gap = $sight->rules->gap->minus($sight->up($by));

        return [
            ...$sight->lowerLeaf($sight->plan->heights->leaf->size->total->minus($by)),
            ...$gap->isUnder(Length::mm(3)) ? [] : [$sight->cure('floor-gap', ['brief.rules.gap' => $gap])],
            $sight->cure('leaf-lowest', [
                'brief.leaf.height' => $sight->up($sight->plan->heights->leaf->needed->total),
            ]),
            $sight->cure('rail-on-wall', ['brief.backing' => 'direct', 'brief.leaf.height' => 'auto']),
            $sight->cure('rail-low', ['brief.header.align' => 'rail-low', 'brief.leaf.height' => 'auto']),
        ];
    }
}
