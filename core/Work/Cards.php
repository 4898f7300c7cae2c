<?php

declare(strict_types=1);

namespace YokeLine\Work;

/** The steps in ten cards, as one tells them: what belongs together, in the order of the work. */
final readonly class Cards
{
    private const CARDS = [
        'Look, measure, choose' => ['look', 'measure', 'scan', 'choose', 'order'],
        'Open the box' => ['box-check', 'trial'],
        'Leaf at the bench' => ['leaf-in', 'trim-leaf', 'mark-leaf', 'bore-leaf', 'groove', 'coat-leaf', 'fit-hangers', 'fit-discs', 'fit-triggers', 'fit-pulls'],
        'Board and rail at the bench' => ['cut-board', 'mark-board', 'bore-board', 'coat-board', 'cut-rail', 'bore-rail', 'join-rail', 'stops-on', 'catches-on'],
        'Make ready' => ['door-off', 'fill-jambs', 'isolate', 'open-wall', 'move-hazard', 'patch-wall', 'move-obstacle', 'ease'],
        'Mark and prove the line' => ['mark-wall', 'mark-line', 'prove-line'],
        'What carries the rail' => ['bore-wall', 'board-up', 'board-fix'],
        'Rail up' => ['rail-up', 'rail-true'],
        'Hang and set' => ['hang', 'discs-in', 'set-stops', 'buffer', 'set-catches', 'mark-guide', 'fix-guide'],
        'Prove and hand over' => ['prove-run', 'paint-patch', 'make-good', 'hand-over'],
    ];

    /** @return array<string, non-empty-list<Step>> by the card's title */
    public static function of(Order $order): array
    {
        $cards = [];
        foreach ($order->steps as $step) {
            $cards[self::titleOf($step)][] = $step;
        }

        return array_filter(array_replace(array_fill_keys(array_keys(self::CARDS), []), $cards));
    }

    public static function titleOf(Step $step): string
    {
        foreach (self::CARDS as $title => $kinds) {
            if (in_array($step->kind()->value, $kinds, true)) {
                return $title;
            }
        }

        return (string) array_key_last(self::CARDS);
    }

    /** Minutes as they are said: five-minute starts, half hours from an hour on. */
    public static function about(int $minutes): string
    {
        if ($minutes < 60) {
            return max(5, (int) (round($minutes / 5) * 5)).' min';
        }
        $halves = (int) round($minutes / 30);

        return intdiv($halves, 2).($halves % 2 === 1 ? ' ½' : '').' h';
    }
}
