<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Measure\Length;

/** A mark as its tape reads it. */
final readonly class Reading
{
    private function __construct(public TapeMark $mark, public Length $reading, public Length $shown) {}

    /**
     * Rounded once, from this hook. A mark that rounding would move by more than its spare is shown to half a step.
     *
     * @param  Length  $step  of the tape's marks
     * @param  1|-1  $way  along the axis that the tape runs
     */
    public static function of(TapeMark $mark, Length $reading, Length $step, int $way = 1): self
    {
        // From where it is marked, which on a tape of fractions is not quite where it is.
        $from = $reading->plus($mark->marked->minus($mark->place)->times($way));
        $shown = $from->roundedTo($step);
        if ($mark->spare !== null && $shown->minus($reading)->absolute()->isOver($mark->spare)) {
            $shown = $from->roundedTo($step->half());
        }

        return new self($mark, $reading, $shown);
    }

    /** What rounding did to it. */
    public function moved(): Length
    {
        return $this->shown->minus($this->reading);
    }
}
