<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;

/**
 * Every mark of the wall on one strip of paper, true to size, from the leftmost mark; the jambs stand on it to lay it
 * by.
 */
final readonly class StoryStrip
{
    /** @param  list<TapeMark>  $marks  from its zero */
    private function __construct(
        public Length $zero,
        public Length $length,
        public array $marks,
        private Unit $unit,
    ) {}

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
            $plan->doorway->units,
        );
    }

    /** How far sheets lap. */
    public function lap(): Length
    {
        return $this->unit->usual(Length::mm(10), Length::sixteenths(8));
    }

    /**
     * What one sheet takes, on its side: its long side less what a printer leaves free; in inches down to a sixteenth.
     *
     * @param  'A4'|'Letter'  $paper
     */
    public function usable(string $paper): Length
    {
        return match ($this->unit) {
            Unit::Millimetre => Length::mm(($paper === 'A4' ? 297 : 279) - 20),
            Unit::Inch => ($paper === 'A4' ? Length::mm(297) : Length::sixteenths(11 * 16))
                ->minus(Length::sixteenths(16))
                ->roundedDownTo($this->unit->step()),
        };
    }

    /** @param  'A4'|'Letter'  $paper */
    public function tiles(string $paper): int
    {
        $usable = $this->usable($paper);

        return $this->length->isOver($usable)
            ? 1 + $this->length->minus($usable)->stepsOf($usable->minus($this->lap()))
            : 1;
    }
}
