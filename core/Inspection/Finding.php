<?php

declare(strict_types=1);

namespace YokeLine\Inspection;

use YokeLine\Measure\Message;

/**
 * One thing the inspection has found: how grave, at which place of the document, with its values and cures.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class Finding
{
    /**
     * @param  string  $where  the place in the document that it is about
     * @param  array<string, Value>  $with  what it is said with, exact
     * @param  list<Cure>  $cures
     * @param  string  $how  which of several ways it shows: `rubs` or `lifts` of a wrong top gap
     * @param  string  $leaf  which leaf of a pair, where only one has it
     * @param  string  $foundBy  the check that found it, '' where none did
     */
    public function __construct(
        public FindingCode $code,
        public Severity $severity,
        public string $where = '',
        public array $with = [],
        public array $cures = [],
        public string $how = '',
        public string $leaf = '',
        public string $foundBy = '',
    ) {}

    /** The headline. */
    public function says(): Message
    {
        $says = new Message("findings.{$this->code->value}.says", $this->with, $this->how);

        return $this->leaf === ''
            ? $says
            : new Message('findings.of-leaf', ['leaf' => Message::word('leaves', $this->leaf), 'what' => $says]);
    }

    /** What follows from it, or what to do; nothing for some. */
    public function more(): Message
    {
        return new Message("findings.{$this->code->value}.more", $this->with, $this->how);
    }

    /** @param  list<Cure>  $cures */
    public function withCures(array $cures): self
    {
        return $this->changed(cures: $cures);
    }

    /** The same, of one leaf of a pair. */
    public function ofLeaf(string $leaf): self
    {
        return $this->changed(leaf: $leaf);
    }

    public function foundBy(string $check): self
    {
        return $this->changed(foundBy: $check);
    }

    /** Whether two say the same with the same values, of whichever leaf. */
    public function isLike(self $other): bool
    {
        return $this->code === $other->code && $this->how === $other->how && $this->with == $other->with;
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

    /** @param  ?list<Cure>  $cures */
    private function changed(?array $cures = null, ?string $leaf = null, ?string $foundBy = null): self
    {
        return new self(
            $this->code,
            $this->severity,
            $this->where,
            $this->with,
            $cures ?? $this->cures,
            $this->how,
            $leaf ?? $this->leaf,
            $foundBy ?? $this->foundBy,
        );
    }
}
