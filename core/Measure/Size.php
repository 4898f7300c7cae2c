<?php

declare(strict_types=1);

namespace YokeLine\Measure;

/** A size as those who sell it call it: 8, 5/16, #10. */
final readonly class Size
{
    public function __construct(public string $called, public Unit $unit) {}

    /** With its unit: 8 mm, 5/16"; a gauge needs none. */
    public function withUnit(): string
    {
        return match (true) {
            str_starts_with($this->called, '#') => $this->called,
            $this->unit === Unit::Inch => "{$this->called}\"",
            default => "{$this->called}\u{a0}mm",
        };
    }
}
