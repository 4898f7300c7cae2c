<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/** One bolt, screw or anchor: where it goes, into what, and how hard it is worked. */
final readonly class Fixing
{
    /**
     * @param  'rail-bolt'|'bracket-bolt'|'header-screw'|'anchor'  $kind
     * @param  ?Length  $stud  the centre of the stud it is in
     * @param  ?Length  $length  null where nothing is known to choose it by
     * @param  float  $thread  what counts of it, mm
     */
    public function __construct(
        public string $kind,
        public Member $into,
        public Length $x,
        public Length $y,
        public ?Length $stud,
        public Length $diameter,
        public ?Length $length,
        public float $thread,
        public Load $load,
        public Strength $strength,
    ) {}

    /** The same under so many times the load, so much higher. */
    public function carrying(float $by, Length $up): self
    {
        return new self(
            $this->kind,
            $this->into,
            $this->x,
            $this->y->plus($up),
            $this->stud,
            $this->diameter,
            $this->length,
            $this->thread,
            $this->load->times($by),
            $this->strength->under($by),
        );
    }

    public function called(): Message
    {
        return Message::word('fixings', $this->kind);
    }
}
