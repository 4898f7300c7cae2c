<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;

/** A leaf that is there already, as it was measured. */
final readonly class LeafInHand
{
    /**
     * @param  list<Length>  $thicknesses  at the hangers; one alone counts at both
     * @param  ?self  $second  the other of a pair: the right one, or the one in front
     */
    public function __construct(
        public ?Length $width,
        public ?Length $height,
        public array $thicknesses,
        public ?float $massKg,
        public ?self $second = null,
    ) {}

    /** Of the heavier of two; null where one of them was not weighed. */
    public function heaviestKg(): ?float
    {
        return $this->second === null
            ? $this->massKg
            : ($this->massKg === null || $this->second->massKg === null
                ? null
                : max($this->massKg, $this->second->massKg));
    }
}
