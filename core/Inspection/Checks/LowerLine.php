<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Cure;
use YokeLine\Measure\Length;
use YokeLine\Planning\Heights;

/** Ways to bring the rail line down. */
final class LowerLine
{
    /** @return list<Cure> */
    public static function cures(CheckContext $context, Length $by): array
    {
        $gap = $context->rules->gap->minus($context->up($by));

        return [
            ...$context->lowerLeaf($context->plan->heights->leaf->size->total->minus($by)),
            ...$gap->isUnder(Heights::leastGap($context->plan->doorway->units))
                ? []
                : [$context->cure('floor-gap', ['brief.rules.gap' => $gap])],
            $context->cure('leaf-lowest', [
                'brief.leaf.height' => $context->up($context->plan->heights->leaf->needed->total),
            ]),
            $context->cure('rail-on-wall', ['brief.backing' => 'direct', 'brief.leaf.height' => 'auto']),
            $context->cure('rail-low', ['brief.header.align' => 'rail-low', 'brief.leaf.height' => 'auto']),
        ];
    }
}
