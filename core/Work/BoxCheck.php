<?php

declare(strict_types=1);

namespace YokeLine\Work;

use YokeLine\Doorway\EndBy;
use YokeLine\Doorway\HangerStyle;
use YokeLine\Doorway\Part;
use YokeLine\Measure\Message;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;

/** What the kit's box must hold for this doorway: as its sheet lists it, else as the plan needs it. */
final class BoxCheck
{
    /** @return list<array{int, Message|string}> how many of what; as typed where the kit's sheet lists it */
    public static function of(Plan $plan): array
    {
        $kit = $plan->kit;
        $leaves = count($plan->layout->runs);
        $soft = count(array_filter($plan->leaves(), fn (PlannedLeaf $leaf) => $leaf->softClose));
        $rails = $plan->hang()->rails();
        $listed = array_map(fn (Part $part) => [$part->count, $part->part], $kit->contents);
        $part = fn (string $code) => new Message('site.box', ['length' => $plan->rail->length->total], $code);
        $needed = [
            [$rails * count($plan->rail->pieces), $part(count($plan->rail->pieces) > 1 ? 'rail-pieces' : 'rail')],
            [$rails * count($plan->rail->holes), $part('standoffs')],
            [
                min($kit->hangers, $plan->hangers()->count) * $leaves,
                $part($kit->hanger->style === HangerStyle::FaceStrap ? 'straps' : 'plates'),
            ],
            [count(array_filter($plan->layout->ends, fn (EndBy $by) => $by === EndBy::Stop)), $part('stops')],
            [$kit->guide->isBought ? 0 : count($plan->guides), $part('guides')],
            ...$kit->jumpDisc === null
                ? []
                : [[$plan->doorway->brief->rules->oneDisc ? $leaves : 2 * $leaves, $part('discs')]],
            ...$soft > 0 ? [[($kit->softClose?->sides->count() ?? 2) * $soft, $part('catches')]] : [],
        ];

        return array_values(array_filter($listed === [] ? $needed : $listed, fn (array $row) => $row[0] > 0));
    }
}
