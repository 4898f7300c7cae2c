<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What covers the studs; masonry has none. */
enum LiningKind: string
{
    case Gypsum = 'gypsum';
    case Plank = 'plank';
    case Plaster = 'plaster';
    case Tile = 'tile';
    case Masonry = 'masonry';

    public function isMasonry(): bool
    {
        return $this === self::Masonry;
    }
}
