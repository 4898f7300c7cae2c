<?php

declare(strict_types=1);

namespace YokeLine\Doorway\Made;

use YokeLine\Measure\Length;

/** A board as it covers: its tongue is on top of its width. */
final readonly class Board
{
    public function __construct(
        public Length $width,
        public Length $thickness,
        public Length $tongue,
        public string $species,
    ) {}

    /** As wide as it is bought. */
    public function bought(): Length
    {
        return $this->width->plus($this->tongue);
    }

    public function isTongued(): bool
    {
        return $this->tongue->isPositive();
    }
}
