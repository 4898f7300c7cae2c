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
                'brief.rules.soft_close',
                [
                    'travel' => $travel,
                    'strokes' => $soft->strokes(),
                    'min_leaf_width' => $soft->minLeafWidth,
                    'width' => $leaf->run->width,
                ],
                [
                    $sight->cure('no-soft-close', ['brief.rules.soft_close' => 'off']),
                    ...$narrow ? $sight->widerLeaf($soft->minLeafWidth) : [],
                ],
                how: $narrow ? 'narrow' : 'short',
            );
        }
    }
}
