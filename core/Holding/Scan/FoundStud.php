<?php

declare(strict_types=1);

namespace YokeLine\Holding\Scan;

/** Something upright that was found in the wall; mm. */
final readonly class FoundStud
{
    /** @param  'stud'|'double'|'unknown'|'pipe'  $kind */
    public function __construct(
        public float $x,
        public float $width,
        public string $kind,
        public float $confidence,
        public bool $offGrid = false,
    ) {}

    public function isStud(): bool
    {
        return $this->kind === 'stud' || $this->kind === 'double';
    }
}
