<?php

declare(strict_types=1);

namespace YokeLine\Work;

use YokeLine\Doorway\HangerStyle;
use YokeLine\Doorway\Part;
use YokeLine\Measure\LengthWriter;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;

/** What the kit's box must hold for this doorway: as its sheet lists it, else as the plan needs it. */
final class BoxCheck
{
    /** @return list<array{int, string}> how many of what */
    public static function of(Plan $plan, LengthWriter $write): array
    {
        $kit = $plan->kit;
        $leaves = count($plan->layout->runs);
        $soft = count(array_filter($plan->leaves(), fn (PlannedLeaf $leaf) => $leaf->softClose));
        $rails = $plan->hang()->rails();
        $listed = array_map(fn (Part $part) => [$part->count, $part->part], $kit->contents);
        $needed = [
            [
                $rails * $plan->rail->pieces,
                'rail'.
                ($plan->rail->pieces > 1 ? ' pieces' : '').
                ', '.
                $write->show($plan->rail->length->total).
                ' in all',
            ],
            [$rails * count($plan->rail->holes), 'standoffs, with bolt and washer each'],
            [
                2 * $leaves,
                $kit->hanger->style === HangerStyle::FaceStrap
                    ? 'hangers, with bolts, washers and cap nuts'
                    : 'hanger plates, with screws',
            ],
            [count($plan->layout->stops) - count($plan->layout->buffers), 'stops'],
            [count($plan->guides), 'floor guide'],
            ...$kit->jumpDisc === null
                ? []
                : [[$plan->doorway->brief->rules->oneDisc ? $leaves : 2 * $leaves, 'jump discs']],
            ...$soft > 0 ? [[2 * $soft, 'catches, left and right, and as many triggers']] : [],
        ];

        return array_values(array_filter($listed === [] ? $needed : $listed, fn (array $row) => $row[0] > 0));
    }
}
