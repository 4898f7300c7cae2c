<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;

/** Room over the rail to lift the leaf on. */
final class Headroom implements Check
{
    public function look(CheckContext $context): iterable
    {
        $needed = $context->plan->heights->headroomNeeded->total;
        $room = $context->plan->room->headroom;
        if (! $context->isShort($room, $needed)) {
            yield new Finding(FindingCode::HeadroomClear, Severity::Ok, '', [
                'spare' => $room->minus($needed),
                'needed' => $needed,
                'room' => $room,
            ]);

            return;
        }
        $over = $needed->minus($room);
        yield new Finding(
            FindingCode::Headroom,
            Severity::Stop,
            'survey.wall.ceiling',
            ['short' => $over, 'needed' => $needed, 'room' => $room],
            LowerLine::cures($context, $over),
        );
    }
}
