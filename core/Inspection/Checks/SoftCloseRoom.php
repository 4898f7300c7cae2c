<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Doorway\SoftClose;
use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Planning\PlannedLeaf;

/** Whether travel and leaf suffice for the soft close. */
final class SoftCloseRoom implements AlongCheck
{
    public function look(CheckContext $context): iterable
    {
        $soft = $context->kit->softClose;
        if ($soft === null || ! $context->rules->softClose) {
            return;
        }
        yield from $context->ofEachLeaf(fn (PlannedLeaf $leaf) => $this->ofLeaf($context, $leaf, $soft));
    }

    /** @return iterable<Finding> */
    private function ofLeaf(CheckContext $context, PlannedLeaf $leaf, SoftClose $soft): iterable
    {
        if (! $leaf->softClose) {
            $travel = $leaf->run->travel->total;
            $narrow = $context->isShort($leaf->run->width, $soft->minLeafWidth);
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
                    $context->cure('no-soft-close', ['brief.rules.soft_close' => 'off']),
                    ...$narrow ? $context->widerLeaf($soft->minLeafWidth) : [],
                ],
                how: $narrow ? 'narrow' : 'short',
            );
        }
    }
}
