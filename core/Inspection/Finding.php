<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

use YokeLine\Measure\Length;

/**
 * One thing the inspection has to say: how grave, in words, at which place of the document, with its numbers and cures.
 */
final readonly class Finding
{
    /**
     * @param  string  $says  the headline, a short sentence
     * @param  string  $more  what follows from it, or ''
     * @param  string  $where  the place in the document that it is about
     * @param  array<string, Length|float|int|string>  $numbers
     * @param  list<Cure>  $cures
     * @param  string  $foundBy  the check that says it, '' where none does
     */
    public function __construct(
        public FindingCode $code,
        public Severity $severity,
        public string $says,
        public string $more = '',
        public string $where = '',
        public array $numbers = [],
        public array $cures = [],
        public string $foundBy = '',
    ) {}

    /** @param  list<Cure>  $cures */
    public function withCures(array $cures): self
    {
        return new self(
            $this->code,
            $this->severity,
            $this->says,
            $this->more,
            $this->where,
            $this->numbers,
            $cures,
            $this->foundBy,
        );
    }

    /** The same, of one leaf of a pair. */
    public function ofLeaf(string $leaf): self
    {
        return new self(
            $this->code,
            $this->severity,
            ucfirst($leaf)." leaf: {$this->says}",
            $this->more,
            $this->where,
            [...$this->numbers, 'leaf' => $leaf],
            $this->cures,
            $this->foundBy,
        );
    }

    /**
     * Whether it still stands among others: at its place, or by its code as often as it did.
     *
     * @param  list<self>  $others
     */
    public function isAmong(array $others, int $times): bool
    {
        $alike = array_filter($others, fn (self $other) => $other->code === $this->code);

        return count($alike) >= $times ||
            array_filter($alike, fn (self $other) => $other->where === $this->where) !== [];
    }

    public function foundBy(string $check): self
    {
        return new self(
            $this->code,
            $this->severity,
            $this->says,
            $this->more,
            $this->where,
            $this->numbers,
            $this->cures,
            $check,
        );
    }
}
