<?php

declare(strict_types=1);

namespace YokeLine\Planning;

/**
 * One leaf of a plan with all that is its own: how it runs, how far out, its guide and groove, whether the soft close
 * is fitted to it.
 */
final readonly class PlannedLeaf
{
    /**
     * @param  string  $name  `leaf`; `left`, `right`; `rear`, `front`
     * @param  string  $guideName  the guide that holds it: leaves that pass each other share one
     */
    public function __construct(
        public string $name,
        public bool $isAlone,
        public LeafRun $run,
        public Depth $depth,
        public string $guideName,
        public GuidePlace $guide,
        public bool $softClose,
    ) {}

    /** What its marks and readings begin with: nothing where it is the only one. */
    public function prefix(): string
    {
        return $this->isAlone ? '' : "{$this->name}-";
    }

    /** What its steps and asks end with: nothing where it is the only one. */
    public function suffix(string $between = '-'): string
    {
        return $this->isAlone ? '' : "{$between}{$this->name}";
    }
}
