<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;

/** Whether the catch of a soft close fits between the rail and what the rail is held off. */
final class CatchFits implements Check
{
    public function look(CheckContext $context): iterable
    {
        $deep = $context->kit->catchDepth;
        $room = $context->kit->standoff->plus($context->rules->spacer);
        $isHung = $context->kit->softClose !== null && $context->rules->softClose;
        if ($deep === null || ! $isHung || ! $context->isShort($room, $deep)) {
            return;
        }
        yield new Finding(
            FindingCode::CatchDepth,
            Severity::Settle,
            'brief.rules.soft_close',
            ['deep' => $deep, 'room' => $room],
            [
                $context->cure('spacer', [
                    'brief.rules.spacer' => $context->up($deep->minus($context->kit->standoff)),
                ]),
                $context->cure('no-soft-close', ['brief.rules.soft_close' => 'off']),
            ],
        );
    }
}
