<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;

/** Whether travel and leaf suffice for the soft close. */
final class SoftCloseRoom implements AlongCheck
{
    public function look(Sight $sight): iterable
    {
        $soft = $sight->kit->softClose;
        if ($soft === null || ! $sight->rules->softClose) {
            return;
        }
        $travel = $sight->plan->layout->first()->travel->total;
        $width = $sight->plan->layout->width->size->total;
        $strokes = $soft->stroke->times(2);
        if ($sight->isShort($travel, $strokes) || $sight->isShort($width, $soft->minLeafWidth)) {
            $narrow = $sight->isShort($width, $soft->minLeafWidth);
            yield new Finding(
                'soft-close-room', Severity::Settle, 'No room for the soft close',
                $narrow ? "It wants a leaf of {$sight->say($soft->minLeafWidth)}; this one is {$sight->say($width)}." : "Its two strokes take {$sight->say($strokes)}; the leaf travels {$sight->say($travel)}.",
                'brief.rules.soft_close', ['travel' => $travel, 'strokes' => $strokes],
                [$sight->cure('Hang it without soft close', ['brief.rules.soft_close' => 'off']), ...($narrow ? $sight->widerLeaf($soft->minLeafWidth) : [])],
            );
        }
    }
}
