<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Unit;

/** One opening with its wall and what is wanted there. */
final readonly class Doorway
{
    public function __construct(
        public string $name,
        public Unit $units,
        public Survey $survey,
        public Brief $brief,
        public Marking $marking,
        public Told $told,
    ) {}

    public function wanting(Brief $brief): self
    {
        return $brief === $this->brief
            ? $this
            : new self($this->name, $this->units, $this->survey, $brief, $this->marking, $this->told);
    }

    /**
     * What must be known before a plan can come out, in the order of the work: place => what is wanted.
     *
     * @return list<string> the places
     */
    public function missing(): array
    {
        return [...$this->survey->missing(), ...$this->brief->leaf->thickness === null ? ['brief.leaf.thickness'] : []];
    }
}
