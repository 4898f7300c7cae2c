<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;

/** Whether the catch of a soft close fits between the rail and what the rail is held off. */
final class CatchFits implements Check
{
    public function look(Sight $sight): iterable
    {
        $deep = $sight->kit->catchDepth;
        $room = $sight->kit->standoff->plus($sight->rules->spacer);
        $isHung = $sight->kit->softClose !== null && $sight->rules->softClose;
        if ($deep === null || ! $isHung || ! $sight->isShort($room, $deep)) {
            return;
        }
        yield new Finding(
            FindingCode::CatchDepth,
            Severity::Settle,
            'brief.rules.soft_close',
            ['deep' => $deep, 'room' => $room],
            [
                $sight->cure('spacer', [
                    'brief.rules.spacer' => $sight->up($deep->minus($sight->kit->standoff)),
                ]),
                $sight->cure('no-soft-close', ['brief.rules.soft_close' => 'off']),
            ],
        );
    }
}
