<?php

declare(strict_types=1);

namespace YokeLine\Holding;

/** What a fixing is given. Forces in N. */
final readonly class Load
{
    /**
     * @param  Peak  $reaction  static
     * @param  float  $shear  design
     * @param  float  $tension  design
     * @param  ?float  $bearing  under its standoff, static, MPa; null where none stands on it
     */
    public function __construct(
        public Peak $reaction,
        public float $shear,
        public float $tension,
        public ?float $bearing = null,
    ) {}

    public function times(float $by): self
    {
        return new self(
            $this->reaction->times($by),
            $this->shear * $by,
            $this->tension * $by,
            $this->bearing === null ? null : $this->bearing * $by,
        );
    }
}
