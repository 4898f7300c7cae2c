<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What of a kit was not in its box, or was there and is not the right one. */
final readonly class PartAway
{
    public function __construct(public KitPart $part, public int $count, public bool $isWrong) {}
}
