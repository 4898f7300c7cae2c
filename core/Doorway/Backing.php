<?php

declare(strict_types=1);

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

    /** Whether the rail is fixed to the wall itself; `auto` is planned so first. */
    public function isOnWall(): bool
    {
        return $this !== self::Header;
    }

    /** Whether what is recorded of the wall decides between header and wall. */
    public function isOpen(): bool
    {
        return $this === self::Auto;
    }

    /** Whether new holes are drilled in the rail where the studs are. */
    public function isSiteDrilled(): bool
    {
        return $this === self::SiteDrilled;
    }

    /** Whether holes that miss take toggles, which carry nothing. */
    public function hasToggles(): bool
    {
        return $this === self::Toggle;
    }

    public function isMasonry(): bool
    {
        return $this === self::Masonry;
    }

    /** Whether a board is planned between the wall and the rail; `auto` is planned direct first. */
    public function isHeader(): bool
    {
        return $this === self::Header;
    }
}
