<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** How leaves hang: one; two that meet in the middle; two on two parallel rails. */
enum Hang: string
{
    case Single = 'single';
    case Biparting = 'biparting';
    case Bypass = 'bypass';

    /** @return non-empty-list<string> what its leaves are called: from the left, or out from the wall */
    public function leaves(): array
    {
        return match ($this) {
            self::Single => ['leaf'],
            self::Biparting => ['left', 'right'],
            self::Bypass => ['rear', 'front'],
        };
    }

    /** Rails side by side, out from the wall. */
    public function rails(): int
    {
        return $this === self::Bypass ? 2 : 1;
    }

    /** Whether its leaves close on each other. */
    public function leavesMeet(): bool
    {
        return $this === self::Biparting;
    }

    /** Whether where a leaf stands open is a place of its own: leaves that pass open to where the other stands shut. */
    public function hasOpenPlaces(): bool
    {
        return $this !== self::Bypass;
    }

    /** @return non-empty-list<Opens> the ways it can open that differ */
    public function waysToOpen(): array
    {
        return $this === self::Single ? Opens::cases() : [Opens::Right];
    }

    /** Whether a field of the brief means anything to it. */
    public function asks(string $path): bool
    {
        return match ($path) {
            'brief.opens', 'brief.rules.surplus' => $this === self::Single,
            'brief.rules.park' => $this !== self::Bypass,
            'brief.rules.meeting_gap' => $this === self::Biparting,
            'brief.rules.mid_overlap' => $this === self::Bypass,
            default => true,
        };
    }

    /** Whether it is worked as its mirror image, so that its rail begins at its right end. */
    public function beginsAtRight(Opens $opens): bool
    {
        return $this === self::Single && $opens === Opens::Left;
    }
}
