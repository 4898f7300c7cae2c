<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What the leaf is hung before: a way through, a recess with a back, or a stretch of wall with nothing behind it. */
enum Spanned: string
{
    case Doorway = 'doorway';
    case Niche = 'niche';
    case Screen = 'screen';

    /** Whether people go through it, so that passage counts. */
    public function isWayThrough(): bool
    {
        return $this === self::Doorway;
    }
}
