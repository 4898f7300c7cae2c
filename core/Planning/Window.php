<?php

declare(strict_types=1);

namespace YokeLine\Planning;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;
use YokeLine\Measure\Sum;

/** Where a floor guide may stand; one without room keeps its ends as worked, from above to. */
final readonly class Window
{
    public function __construct(public Sum $from, public Sum $to) {}

    public function span(): Span
    {
        return new Span($this->from->total, $this->to->total);
    }

    public function length(): Length
    {
        return $this->span()->length();
    }

    public function mirrored(): self
    {
        return new self(
            $this->to->mirrored()->renamed('guide-window-from'),
            $this->from->mirrored()->renamed('guide-window-to'),
        );
    }
}
