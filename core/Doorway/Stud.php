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
    ) {}
}
