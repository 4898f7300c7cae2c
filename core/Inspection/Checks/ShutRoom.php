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
        $units = $context->plan->doorway->units;
        $rooms = ['left' => $shut->low->minus($wall->low), 'right' => $wall->high->minus($shut->high)];
        $shorts = array_map(
            fn (string $side, Length $room) => $context->plan->layout->roomKept($side, $units)->minus($room)->nm,
            array_keys($rooms),
            $rooms,
        );
        $side = $shorts[0] >= $shorts[1] ? 'left' : 'right';
        [$room, $end] = [$rooms[$side], $context->plan->layout->roomKept($side, $units)];
        if ($context->isShort($room, $end)) {
            $short = $end->minus($room);
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
                    ...$past ? [] : $context->buffers('shut'),
                ],
                how: $past ? 'past' : 'near',
            );
        }
    }
}
