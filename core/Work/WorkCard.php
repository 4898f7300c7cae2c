<?php

declare(strict_types=1);

namespace YokeLine\Work;

/** The steps in ten cards, as one tells them: what belongs together, in the order of the work. */
enum WorkCard: string
{
    case Choose = 'choose';
    case Box = 'box';
    case Leaf = 'leaf';
    case Bench = 'bench';
    case Ready = 'ready';
    case Line = 'line';
    case Carries = 'carries';
    case Rail = 'rail';
    case Hang = 'hang';
    case Finish = 'finish';

    /** @return array<value-of<self>, non-empty-list<Step>> the cards that have a step */
    public static function of(Order $order): array
    {
        $cards = array_fill_keys(array_column(self::cases(), 'value'), []);
        foreach ($order->steps as $step) {
            $cards[$step->card()->value][] = $step;
        }

        return array_filter($cards);
    }
}
