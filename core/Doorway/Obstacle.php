<?php

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** Something that stands proud of the wall; y from the floor below its middle. */
final readonly class Obstacle
{
    public function __construct(
        public string $name,
        public string $kind,
        public Span $x,
        public Span $y,
        public Length $projection,
    ) {}
}
