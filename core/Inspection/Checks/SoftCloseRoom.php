<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\SoftClose;
use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Planning\PlannedLeaf;

/** Whether travel and leaf suffice for the soft close. */
final class SoftCloseRoom implements AlongCheck
{
    public function look(Sight $sight): iterable
    {
        $soft = $sight->kit->softClose;
        if ($soft === null || ! $sight->rules->softClose) {
            return;
        }
        yield from $sight->ofEachLeaf(fn (PlannedLeaf $leaf) => $this->ofLeaf($sight, $leaf, $soft));
    }

    /** @return iterable<Finding> */
    private function ofLeaf(Sight $sight, PlannedLeaf $leaf, SoftClose $soft): iterable
    {
        if (! $leaf->softClose) {
            $travel = $leaf->run->travel->total;
            $narrow = $sight->isShort($leaf->run->width, $soft->minLeafWidth);
            yield new Finding(
                FindingCode::SoftCloseRoom,
                Severity::Settle,
                'No room for the soft close',
                $narrow
                    ? "It wants a leaf of {$sight->say($soft->minLeafWidth)}; this one is {$sight->say($leaf->run->width)}."
                    : "Its two strokes take {$sight->say($soft->strokes())}; the leaf travels {$sight->say($travel)}.",
                'brief.rules.soft_close',
                ['travel' => $travel, 'strokes' => $soft->strokes()],
                [
                    $sight->cure('Hang it without soft close', ['brief.rules.soft_close' => 'off']),
                    ...$narrow ? $sight->widerLeaf($soft->minLeafWidth) : [],
                ],
            );
        }
    }
}
