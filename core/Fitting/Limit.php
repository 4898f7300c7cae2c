<?php

declare(strict_types=1);

namespace YokeLine\Fitting;

use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/** Between what and what one measure of a leaf may lie, and what rules at either end. Null where nothing serves. */
final readonly class Limit
{
    public function __construct(
        public string $name,
        public ?Length $least,
        public ?Length $greatest,
        public ?Message $leastRuledBy,
        public ?Message $greatestRuledBy,
        public Length $trim,
    ) {}

    public function called(): Message
    {
        return Message::word('leaf-measures', $this->name);
    }

    /** The greatest that serves once it is trimmed at both of its edges. */
    public function greatestTrimmed(): ?Length
    {
        return $this->greatest?->plus($this->trim->times(2));
    }
}
