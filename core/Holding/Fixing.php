<?php

declare(strict_types=1);

namespace YokeLine\Holding;

use YokeLine\Measure\Length;
use YokeLine\Measure\Message;

/** One bolt, screw or anchor: where it goes, into what, and how hard it is worked. Forces in N. */
final readonly class Fixing
{
    /**
     * @param  'rail-bolt'|'bracket-bolt'|'header-screw'|'anchor'  $kind
     * @param  ?Length  $stud  the centre of the stud it is in
     * @param  ?Length  $length  null where nothing is known to choose it by
     * @param  float  $thread  what counts of it, mm
     * @param  Peak  $reaction  static
     * @param  float  $shear  design
     * @param  float  $tension  design
     * @param  ?float  $withdrawal  allowable; null where it cannot be checked
     * @param  ?float  $lateral  allowable
     * @param  ?float  $utilisation  null where it cannot be checked
     * @param  ?float  $bearing  under its standoff, static, MPa
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
        public Peak $reaction,
        public float $shear,
        public float $tension,
        public ?float $withdrawal,
        public ?float $lateral,
        public string $mode,
        public ?float $utilisation,
        public ?float $bearing = null,
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
            $this->reaction->times($by),
            $this->shear * $by,
            $this->tension * $by,
            $this->withdrawal,
            $this->lateral,
            $this->mode,
            $this->utilisation === null ? null : $this->utilisation * $by,
            $this->bearing === null ? null : $this->bearing * $by,
        );
    }

    public function called(): Message
    {
        return Message::word('fixings', $this->kind);
    }
}
