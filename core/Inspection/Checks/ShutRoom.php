<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Inspection\Sight;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/** The shut leaf stands inside the wall, with room for stop and margin at both ends. */
final class ShutRoom implements AlongCheck
{
    public function look(Sight $sight): iterable
    {
        $shut = $sight->plan->layout->shut();
        $wall = $sight->plan->room->wall;
        $end = $sight->plan->layout->endRoom->total;
        $room = Length::least($shut->low->minus($wall->low), $wall->high->minus($shut->high));
        if ($sight->isShort($room, $end)) {
            $short = $end->minus($room);
            $side = $shut->low->minus($wall->low)->equals($room) ? 'left' : 'right';
            $past = $room->isNegative();
            yield new Finding(
                FindingCode::ShutRoom,
                $past ? Severity::Stop : Severity::Settle,
                'brief.rules.side_overlap',
                ['room' => $room, 'wanted' => $end, 'side' => Message::word('sides', $side)],
                [
                    $sight->cure('overlap', [
                        'brief.rules.side_overlap' => $sight->rules->sideOverlap->minus($sight->up($short)),
                    ]),
                    $sight->cure('surplus-trailing', ['brief.rules.surplus' => 'trailing']),
                    $sight->cure('surplus-leading', ['brief.rules.surplus' => 'leading']),
                ],
                how: $past ? 'past' : 'near',
            );
        }
    }
}
