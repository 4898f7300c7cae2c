<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** One handle, by the box it fills. */
final readonly class Pull
{
    public function __construct(
        public PullKind $kind,
        public Length $width,
        public Length $height,
        public Length $projection,
    ) {}
}
