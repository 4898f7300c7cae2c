<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What the shut leaf must cover. */
enum Cover: string
{
    case Opening = 'opening';
    case Casing = 'casing';
    case JustEnough = 'just-enough';

    public function coversCasing(): bool
    {
        return $this === self::Casing;
    }
}
