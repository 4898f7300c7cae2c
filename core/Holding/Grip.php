<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Measure\Length;
use YokeLine\Measure\Span;

/** A stretch in which a bolt's centre holds, and what it holds in. */
final readonly class Grip
{
    /** @param  ?Length  $stud  the centre of the stud, null in anything else */
    public function __construct(public Span $span, public Member $member, public ?Length $stud = null) {}

    /** How far inside the limit a bolt at x is. */
    public function margin(Length $x): Length
    {
        return Length::least($x->minus($this->span->low), $this->span->high->minus($x));
    }

    /** @return list<self> what is left of it outside a zone */
    public function without(Span $zone): array
    {
        return array_map(fn (Span $rest) => new self($rest, $this->member, $this->stud), $this->span->without($zone));
    }
}
