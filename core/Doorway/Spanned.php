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

    /** As it is spoken of. */
    public function says(): string
    {
        return match ($this) {
            self::Doorway => 'opening',
            self::Niche => 'niche',
            self::Screen => 'span',
        };
    }
}
