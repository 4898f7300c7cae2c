<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Measure\Length;

/** A piece to be cut, as long as it leaves the saw, and what it is for. */
final readonly class Piece
{
    public function __construct(public Length $length, public string $for) {}
}
