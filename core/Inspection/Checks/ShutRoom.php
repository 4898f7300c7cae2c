<?php

declare(strict_types=1);

namespace YokeLine\Inspection\Checks;

use YokeLine\Inspection\AlongCheck;
use YokeLine\Inspection\CheckContext;
use YokeLine\Inspection\Finding;
use YokeLine\Inspection\FindingCode;
use YokeLine\Inspection\Severity;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/** The shut leaf stands inside the wall, with room for stop and margin at both ends. */
final class ShutRoom implements AlongCheck
{
    public function look(CheckContext $context): iterable
    {
        $shut = $context->plan->layout->shut();
        $wall = $context->plan->room->wall;
        $end = $context->plan->layout->endRoom->total;
        $room = Length::least($shut->low->minus($wall->low), $wall->high->minus($shut->high));
        if ($context->isShort($room, $end)) {
            $short = $end->minus($room);
            $side = $shut->low->minus($wall->low)->equals($room) ? 'left' : 'right';
            $past = $room->isNegative();
            yield new Finding(
                FindingCode::ShutRoom,
                $past ? Severity::Stop : Severity::Settle,
                'brief.rules.side_overlap',
                ['room' => $room, 'wanted' => $end, 'side' => Message::word('sides', $side)],
                [
                    $context->cure('overlap', [
                        'brief.rules.side_overlap' => $context->rules->sideOverlap->minus($context->up($short)),
                    ]),
                    $context->cure('surplus-trailing', ['brief.rules.surplus' => 'trailing']),
                    $context->cure('surplus-leading', ['brief.rules.surplus' => 'leading']),
                ],
                how: $past ? 'past' : 'near',
            );
        }
    }
}
