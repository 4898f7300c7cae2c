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
            yield new Finding(
                FindingCode::HeadroomClear,
                Severity::Ok,
                "{$sight->say($room->minus($needed))} of headroom to spare",
                "{$sight->say($needed)} lifts the leaf on; the ceiling leaves {$sight->say($room)}.",
                '',
                ['spare' => $room->minus($needed)],
            );

            return;
        }
        $over = $needed->minus($room);
        yield new Finding(
            FindingCode::Headroom,
            Severity::Stop,
            "Headroom is {$sight->sayShort($over)} short",
            "The leaf cannot be lifted on: that needs {$sight->sayShort($needed)}, the ceiling leaves {$sight->say($room)}.",
            'survey.wall.ceiling',
            ['short' => $over, 'needed' => $needed],
            LowerLine::cures($sight, $over),
        );
    }
}
