<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
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

    /** What its tapes are marked to, and what an arrow key nudges by. */
    public function step(): Length
    {
        return $this->units === Unit::Inch
            ? Length::nm(intdiv(Length::NM_PER_INCH, $this->brief->rules->fraction))
            : $this->units->step();
    }

    /** Its lengths as they are said, in the other unit where that is asked for. */
    public function writer(?Unit $shown = null): LengthWriter
    {
        return new LengthWriter(
            $shown ?? $this->units,
            $shown === null || $shown === $this->units ? $this->step() : null,
            $this->told->lengthIfTold('brief.rules.feet_over'),
            $this->told->flag('brief.rules.tape_feet'),
        );
    }

    /** How long its tape is where nobody says: 5 m, or 16 ft. */
    public function tape(): Length
    {
        return $this->units === Unit::Inch ? Length::sixteenths(16 * 12 * 16) : Length::mm(5000);
    }

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
        $thickness = $this->brief->leaf->made === null ? 'brief.leaf.thickness' : 'brief.leaf.made.from';

        return [...$this->survey->missing(), ...$this->brief->leaf->thickness === null ? [$thickness] : []];
    }
}
