<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** An upright in the wall, by its centre. */
final readonly class Stud
{
    public function __construct(
        public Length $x,
        public Length $width,
        public ?string $source = null,
        public ?string $confidence = null,
        public string $place = '',
    ) {}

    /** What it is known by: its id, else its count in the list. */
    public function key(): string
    {
        return trim((string) strstr($this->place, '['), '[#]');
    }
}
