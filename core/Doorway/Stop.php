<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** What ends the travel. */
final readonly class Stop
{
    public function __construct(
        public StopStyle $style,
        public Length $reach,
        public Length $body,
        public bool $passesStandoffs,
    ) {}
}
