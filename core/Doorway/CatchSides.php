<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** At which ends of the travel a catch takes the leaf. */
enum CatchSides: string
{
    case Both = 'both';
    case Shut = 'shut';
    case Open = 'open';

    /** @param  'shut'|'open'  $end */
    public function has(string $end): bool
    {
        return $this === self::Both || $this->value === $end;
    }

    /** As it is said: in the list of words `when`. */
    public function when(): string
    {
        return $this === self::Both ? 'always' : $this->value;
    }

    public function count(): int
    {
        return $this === self::Both ? 2 : 1;
    }

    /** What is left where only some are wanted; what the kit does not have is not there to be left out. */
    public function only(self $wanted): self
    {
        return $this === self::Both ? $wanted : $this;
    }
}
