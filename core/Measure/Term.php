<?php

declare(strict_types=1);

namespace YokeLine\Measure;

/** One term of a Sum: a signed length by name, itself worked out or given. */
final readonly class Term
{
    /** @param  1|-1  $sign */
    private function __construct(
        public int $sign,
        public string $name,
        public Length $value,
        public ?Sum $sum,
        public bool $isPlace,
    ) {}

    /** @param  1|-1  $sign */
    public static function of(int $sign, string $name, Length|Sum $term, bool $isPlace): self
    {
        return new self(
            $sign,
            $name,
            $term instanceof Sum ? $term->total : $term,
            $term instanceof Sum ? $term : null,
            $isPlace,
        );
    }

    public function says(): Message
    {
        return Sum::called($this->name);
    }

    /**
     * In the mirror of a place, places stand on the other side and distances are taken the other way; a distance stays
     * what it is.
     */
    public function mirroredIn(bool $place): self
    {
        $flips = $place !== $this->isPlace;

        return new self(
            $flips ? ($this->sign === 1 ? -1 : 1) : $this->sign,
            Sum::otherSide($this->name),
            $this->isPlace ? $this->value->negated() : $this->value,
            $this->sum?->mirrored(),
            $this->isPlace,
        );
    }
}
