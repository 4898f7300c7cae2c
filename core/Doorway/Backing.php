<?php

namespace YokeLine\Doorway;

/** What carries the rail. */
enum Backing: string
{
    case Direct = 'direct';
    case Header = 'header';
    case SiteDrilled = 'site-drilled';
    case Masonry = 'masonry';
    case Toggle = 'toggle';
    case Auto = 'auto';

    /** Whether a board is planned between the wall and the rail; `auto` is planned direct first. */
    public function isHeader(): bool
    {
        return $this === self::Header;
    }
}
