<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Measure\Length;

/** A bar that is bought, and what is cut from it. */
final readonly class Bar
{
    /** @param  list<Piece>  $pieces  the longest first */
    public function __construct(public Length $stock, public array $pieces, public Length $offcut) {}
}
