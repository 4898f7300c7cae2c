<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What a wall ends in: an inside corner, or nothing. */
enum WallEnd: string
{
    case Corner = 'corner';
    case Open = 'open';

    public function isOpen(): bool
    {
        return $this === self::Open;
    }
}
