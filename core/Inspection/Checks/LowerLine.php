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
            ...$gap->isUnder(Length::mm(3))
                ? []
                : [$sight->cure("Floor gap {$sight->say($gap)}", ['brief.rules.gap' => $gap])],
            $sight->cure('Leaf as low as it can be', [
                'brief.leaf.height' => $sight->up($sight->plan->heights->leaf->needed->total),
            ]),
            $sight->cure('Rail straight on the wall', ['brief.backing' => 'direct', 'brief.leaf.height' => 'auto']),
            $sight->cure('Rail low on the board', ['brief.header.align' => 'rail-low', 'brief.leaf.height' => 'auto']),
        ];
    }
}
