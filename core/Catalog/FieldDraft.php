<?php

declare(strict_types=1);

namespace YokeLine\Catalog;

use YokeLine\Doorway\Unsure;

/** A field while it is being declared; `Catalog` makes the field of it. */
final class FieldDraft
{
    /**
     * @param  list<string>  $answers  of a choice, as written; those of old files that are still read stand last
     * @param  array<string, int|float|string>  $usualLength  by unit, as one writes it: what it is where nothing is written
     * @param  bool|int|float|string|null  $usual  what it is where nothing is written, of what is no length
     * @param  int  $most  so many of a list are taken
     * @param  ?string  $csv  its name in the column `place` of a table of readings
     * @param  bool  $isNeeded  nothing can be planned without it
     * @param  bool  $decidesOrder  what is ordered goes wrong where it was never answered
     * @param  bool  $mayBeAuto  `auto` leaves it to be worked out
     * @param  string  $rule  the key of the house's rule that it is: a question on which good installers differ; '' for
     *   none
     * @param  string  $section  of the rule: door, line, rail, guide or work
     * @param  bool  $isAlone  it belongs to no larger thing, and is asked for by its path
     * @param  list<string>  $keys  that must be there in every item, of a list
     */
    public function __construct(
        public readonly string $path,
        public readonly FieldType $type,
        public Least $least = Least::Any,
        public array $answers = [],
        public array $usualLength = [],
        public bool|int|float|string|null $usual = null,
        public int $most = 0,
        public ?Unsure $unsure = null,
        public ?string $csv = null,
        public ?string $station = null,
        public bool $isNeeded = false,
        public bool $decidesOrder = false,
        public bool $mayBeAuto = false,
        public array $keys = [],
        public string $rule = '',
        public string $section = '',
        public bool $isAlone = false,
        public ?string $group = null,
    ) {}

    /**
     * What it is where nothing is written.
     *
     * @param  int|float  $mm  in doorways worked in millimetres
     * @param  string  $inches  in those worked in inches, as one writes them: `5 1/2`
     */
    public function usually(int|float $mm, string $inches): self
    {
        $this->usualLength = ['mm' => $mm, 'in' => $inches];

        return $this;
    }

    public function unsure(Unsure $by): self
    {
        $this->unsure = $by;

        return $this;
    }

    public function csv(string $name): self
    {
        $this->csv = $name;

        return $this;
    }

    /** The station at which it is set, where a page arranges its fields by hand. */
    public function at(string $station): self
    {
        $this->station = $station;

        return $this;
    }

    /** The station and the group of fields to which it is added, after those that are arranged by hand. */
    public function in(string $station, string $group): self
    {
        $this->station = $station;
        $this->group = $group;

        return $this;
    }

    /** A question on which good installers differ: the house has its answer, and a doorway may have another. */
    public function rule(string $section, string $key): self
    {
        $this->rule = $key;
        $this->section = $section;

        return $this;
    }

    /** It belongs to no larger thing: it is read by its path (`Told`). */
    public function alone(): self
    {
        $this->isAlone = true;

        return $this;
    }

    public function needed(): self
    {
        $this->isNeeded = true;

        return $this;
    }

    public function decidesOrder(): self
    {
        $this->decidesOrder = true;

        return $this;
    }

    public function field(): Field
    {
        return new Field(
            $this->path,
            $this->type,
            $this->least,
            $this->answers,
            $this->usualLength,
            $this->usual,
            $this->most,
            $this->unsure,
            $this->csv,
            $this->station,
            $this->isNeeded,
            $this->decidesOrder,
            $this->mayBeAuto,
            $this->keys,
            $this->rule,
            $this->section,
            $this->isAlone,
            $this->group,
        );
    }
}
