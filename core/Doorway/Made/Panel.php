<?php

declare(strict_types=1);

namespace YokeLine\Doorway\Made;

use YokeLine\Measure\Length;

/** Planted on a leaf. */
final readonly class Panel
{
    /** @param  string  $of  a kind of sheet, or a species */
    public function __construct(
        public Length $width,
        public Length $height,
        public Length $thickness,
        public string $of,
        public int $count,
    ) {}
}
