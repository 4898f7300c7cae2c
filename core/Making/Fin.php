<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Measure\Length;

/** A guide that runs in the foot of the leaf. */
final readonly class Fin
{
    /** @param  Length  $bite  how far it reaches past the foot, where a leaf has two guides that of the deeper one */
    public function __construct(
        public Length $blade,
        public Length $bite,
        public Length $grooveWidth,
        public Length $grooveDepth,
    ) {}
}
