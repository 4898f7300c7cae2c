<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;

/** A mark as its tape reads it. */
final readonly class Reading
{
    private function __construct(public TapeMark $mark, public Length $reading, public Length $shown) {}

    /** Rounded once, from this hook. A mark that rounding would move by more than its spare is shown to half a step. */
    public static function of(TapeMark $mark, Length $reading, Unit $unit): self
    {
        $step = $unit->step();
        $shown = $reading->roundedTo($step);
        if ($mark->spare !== null && $shown->minus($reading)->absolute()->isOver($mark->spare)) {
            $shown = $reading->roundedTo($step->half());
        }

        return new self($mark, $reading, $shown);
    }

    /** What rounding did to it. */
    public function moved(): Length
    {
        return $this->shown->minus($this->reading);
    }
}
