<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** How leaves hang: one; two that meet in the middle; two on two parallel rails. */
enum Hang: string
{
    case Single = 'single';
    case Biparting = 'biparting';
    case Bypass = 'bypass';

    /** Whether its leaves run on rails of their own. */
    public function needsTwoRails(): bool
    {
        return $this === self::Bypass;
    }

    /** Whether there is but one leaf, so that it matters which way it opens. */
    public function isSingle(): bool
    {
        return $this === self::Single;
    }
}
