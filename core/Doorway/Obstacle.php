<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Span;

/** Something on the wall, or before it in the room; y from the floor below its middle. */
final readonly class Obstacle
{
    /**
     * @param  Length  $standsOff  from the wall to its back: 0 on the wall, more for furniture across the way
     * @param  bool  $moved  it will be gone when the leaf hangs
     * @param  Length  $plusMinus  how far its edges may be off: read off a photograph, they are no tape's
     */
    public function __construct(
        public string $name,
        public string $kind,
        public Span $x,
        public Span $y,
        public Length $projection,
        public Length $standsOff,
        public bool $moved,
        public string $place,
        public Length $plusMinus,
    ) {}

    /** As large as it may be: what passes it must clear that. */
    public function atItsLargest(): self
    {
        return new self(
            $this->name,
            $this->kind,
            $this->x->widened($this->plusMinus),
            $this->y->widened($this->plusMinus),
            $this->projection,
            $this->standsOff,
            $this->moved,
            $this->place,
            $this->plusMinus,
        );
    }

    public function called(): Message
    {
        return Message::word('things', $this->name === '' ? 'obstacle' : $this->name);
    }

    /** What it takes up in front of the wall. */
    public function z(): Span
    {
        return Span::from($this->standsOff, $this->projection);
    }

    public function isOnWall(): bool
    {
        return $this->standsOff->isZero();
    }

    public function mirrored(): self
    {
        return new self(
            $this->name,
            $this->kind,
            $this->x->mirrored(),
            $this->y,
            $this->projection,
            $this->standsOff,
            $this->moved,
            $this->place,
            $this->plusMinus,
        );
    }
}
