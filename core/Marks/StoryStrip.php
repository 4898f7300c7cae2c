<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;

/**
 * Every mark of the wall on one strip of paper, true to size, from the leftmost mark; the jambs stand on it to lay it
 * by.
 */
final readonly class StoryStrip
{
    public const EDGE_MM = 20;

    public const LAP_MM = 10;

    public const LONG_SIDE_MM = ['A4' => 297, 'Letter' => 279];

    /** @param  list<TapeMark>  $marks  from its zero */
    private function __construct(public Length $zero, public Length $length, public array $marks) {}

    public static function of(Plan $plan): self
    {
        $jambs = $plan->room->opening->span();
        $marks = [
            ...Tapes::wall($plan),
            new TapeMark('jamb-l', 'wall', $jambs->low, 'mark-wall'),
            new TapeMark('jamb-r', 'wall', $jambs->high, 'mark-wall'),
        ];
        usort(
            $marks,
            fn (TapeMark $a, TapeMark $b) => [$a->place->nm, $a->id->value] <=> [$b->place->nm, $b->id->value],
        );
        $zero = Length::least(...array_map(fn (TapeMark $mark) => $mark->place, Tapes::wall($plan)));

        return new self(
            $zero,
            $marks[count($marks) - 1]->place->minus($zero),
            array_map(
                fn (TapeMark $mark) => new TapeMark(
                    $mark->id,
                    'strip',
                    $mark->place->minus($zero),
                    $mark->step,
                    marked: $mark->marked->minus($zero),
                ),
                $marks,
            ),
        );
    }

    /** How many sheets it takes, lapped by 10. */
    public function tiles(string $paper): int
    {
        $usable = Length::mm(self::LONG_SIDE_MM[$paper] - self::EDGE_MM);

        return $this->length->isOver($usable)
            ? 1 + $this->length->minus($usable)->stepsOf($usable->minus(Length::mm(self::LAP_MM)))
            : 1;
    }
}
