<?php

declare(strict_types=1);

namespace YokeLine\Work;

/** That a step comes after another, and after what wait: paint dries, a delivery comes. */
final readonly class After
{
    /** @param  ?string  $lag  what is waited for: dry, cure, kit, leaf, board; null where nothing is */
    public function __construct(public string $step, public ?string $lag = null, public int $minutes = 0) {}
}
