<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\Check;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;

/** Room over the rail to lift the leaf on. */
final class Headroom implements Check
{
    public function look(Sight $sight): iterable
    {
        $needed = $sight->plan->heights->headroomNeeded->total;
        $room = $sight->plan->room->headroom;
        if (! $sight->isShort($room, $needed)) {
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
            LowerLine::cures($sight, $over),
        );
    }
}
