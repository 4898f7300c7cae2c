<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** A rectangle of the leaf: u from its leading edge, v up from its foot. */
final readonly class Zone
{
    /** @param  string  $of  what lies there, or is wanted there */
    public function __construct(public string $of, public Span $u, public Span $v) {}

    public function overlaps(self $other): bool
    {
        return $this->u->overlaps($other->u) && $this->v->overlaps($other->v);
    }

    public function surrounds(Length $u, Length $v): bool
    {
        return $this->u->surrounds($u) && $this->v->surrounds($v);
    }

    /**
     * Whether all of it lies in others together.
     *
     * @param  list<self>  $others
     */
    public function isIn(array $others): bool
    {
        return $this->outside($others) === [];
    }

    /**
     * What of it lies in none of others.
     *
     * @param  list<self>  $others
     * @return list<self>
     */
    public function outside(array $others): array
    {
        $left = [$this];
        foreach ($others as $other) {
            $left = array_merge(...array_map(fn (self $part) => $part->without($other), $left), ...[[]]);
        }

        return $left;
    }

    /** @return list<self> what is left beside, below and above another */
    private function without(self $other): array
    {
        if (! $this->overlaps($other)) {
            return [$this];
        }
        $between = $this->v->cutTo($other->v);
        $parts = [
            ...array_map(fn (Span $u) => new self($this->of, $u, $between), $this->u->without($other->u)),
            ...array_map(fn (Span $v) => new self($this->of, $this->u, $v), $this->v->without($other->v)),
        ];

        $isThere = fn (self $part) => Length::least($part->u->length(), $part->v->length())->isOver(Length::nm(1));

        return array_values(array_filter($parts, $isThere));
    }
}
