<?php

declare(strict_types=1);

namespace YokeLine\Anchoring;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** A stretch in which a bolt's centre holds, and what it holds in. */
final readonly class Grip
{
    /**
     * @param  'stud'|'solid'  $into
     * @param  ?Length  $stud  its centre
     */
    public function __construct(public Span $span, public string $into, public ?Length $stud) {}

    /** How far inside the limit a bolt at x is. */
    public function margin(Length $x): Length
    {
        return Length::least($x->minus($this->span->low), $this->span->high->minus($x));
    }

    /** @return list<self> what is left of it outside a zone */
    public function without(Span $zone): array
    {
        if (! $this->span->overlaps($zone)) {
            return [$this];
        }
        $rest = [];
        foreach ([new Span($this->span->low, Length::least($this->span->high, $zone->low)), new Span(Length::greatest($this->span->low, $zone->high), $this->span->high)] as $part) {
            if ($part->length()->isPositive()) {
                $rest[] = new self($part, $this->into, $this->stud);
            }
        }

        return $rest;
    }
}
