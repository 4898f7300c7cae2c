<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** An upright in the wall, by its centre. */
final readonly class Stud
{
    /** @param  float  $confidence  of 1, how sure a scan is of it; 0 where nobody said */
    public function __construct(
        public Length $x,
        public Length $width,
        public ?string $source = null,
        public float $confidence = 0.0,
        public string $place = '',
    ) {}

    /** What it is known by: its id, else its count in the list. */
    public function key(): string
    {
        return trim((string) strstr($this->place, '['), '[#]');
    }
}
