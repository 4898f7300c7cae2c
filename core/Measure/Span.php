<?php

declare(strict_types=1);

namespace YokeLine\Measure;

/** Two places on one axis, the lesser first. A window without room keeps its ends as worked, low above high. */
final readonly class Span
{
    public function __construct(public Length $low, public Length $high) {}

    public static function between(Length $a, Length $b): self
    {
        return $a->isOver($b) ? new self($b, $a) : new self($a, $b);
    }

    /** From $low on for $length. */
    public static function from(Length $low, Length $length): self
    {
        return new self($low, $low->plus($length));
    }

    /** The least span that holds all of them. */
    public static function around(self $first, self ...$others): self
    {
        return array_reduce($others, fn (self $all, self $other) => $all->joined($other), $first);
    }

    public function length(): Length
    {
        return $this->high->minus($this->low);
    }

    public function middle(): Length
    {
        return $this->low->plus($this->high)->half();
    }

    public function shifted(Length $by): self
    {
        return new self($this->low->plus($by), $this->high->plus($by));
    }

    public function widened(Length $by): self
    {
        return new self($this->low->minus($by), $this->high->plus($by));
    }

    public function mirrored(): self
    {
        return new self($this->high->negated(), $this->low->negated());
    }

    public function contains(Length $place): bool
    {
        return ! $place->isUnder($this->low) && ! $place->isOver($this->high);
    }

    /** Whether a place lies inside it and not on an end. */
    public function surrounds(Length $place): bool
    {
        return $place->isOver($this->low) && $place->isUnder($this->high);
    }

    public function overlaps(self $other): bool
    {
        return $this->low->isUnder($other->high) && $other->low->isUnder($this->high);
    }

    /** The least span that holds both. */
    public function joined(self $other): self
    {
        return new self(Length::least($this->low, $other->low), Length::greatest($this->high, $other->high));
    }

    /** Moved as little as needed to lie inside $room; one longer than the room starts where the room starts. */
    public function heldInside(self $room): self
    {
        $past = $this->high->minus($room->high)->orZeroIfNegative();
        $short = $room->low->minus($this->low->minus($past))->orZeroIfNegative();

        return $this->shifted($short->minus($past));
    }

    /**
     * @return list<self> what is left of it outside $other, parts of some length only; itself where they do not overlap
     */
    public function without(self $other): array
    {
        if (! $this->overlaps($other)) {
            return [$this];
        }

        return array_values(
            array_filter(
                [
                    new self($this->low, Length::least($this->high, $other->low)),
                    new self(Length::greatest($this->low, $other->high), $this->high),
                ],
                fn (self $part) => $part->length()->isPositive(),
            ),
        );
    }

    /** The part of it that lies inside $room. */
    public function cutTo(self $room): self
    {
        return new self(Length::greatest($this->low, $room->low), Length::least($this->high, $room->high));
    }
}
