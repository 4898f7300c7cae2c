<?php

declare(strict_types=1);

namespace App\Supply;

use App\Words\Speaker;

/** How long the simulated supplier takes to answer: too long, now and then. */
final class Answers
{
    /**
     * @param  list<?int>  $next  milliseconds of the next answers, null for one that never comes; after those it is
     * quick
     */
    public function __construct(private array $next = []) {}

    /** @throws SupplierSilent where the next answer takes longer than one waits */
    public function within(int $patience): void
    {
        $takes = $this->next === [] ? 40 : array_shift($this->next);
        $takes !== null && $takes <= $patience ?:
        throw new SupplierSilent(Speaker::words('refusals.no-answer-in-time'));
    }
}
