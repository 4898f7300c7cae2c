<?php

declare(strict_types=1);

namespace YokeLine\Stock\Packing;

/** How much may still be tried: counted in steps, so that the same list comes out the same on any machine. */
final class Effort
{
    public function __construct(private int $left, private readonly ?self $of = null) {}

    /** So much of it and no more. */
    public function part(int $most): self
    {
        return new self($most, $this);
    }

    /** Whether there is any left after so many steps. @phpstan-impure */
    public function spend(int $steps): bool
    {
        $this->left -= $steps;

        return ($this->of === null || $this->of->spend($steps)) && $this->left > 0;
    }

    /** @phpstan-impure */
    public function isSpent(): bool
    {
        return $this->left <= 0 || $this->of?->isSpent() === true;
    }
}
