<?php

declare(strict_types=1);

namespace YokeLine\Holding;

/** What a bolt is held by: nothing past it counts. */
enum Member: string
{
    case Stud = 'stud';
    /** A lintel, or blocking between studs. */
    case Solid = 'solid';
    /** Plank lining that is thick enough by itself. */
    case Plank = 'plank';
    case Board = 'header';
    case Masonry = 'masonry';
    case Nothing = 'nothing';

    /** Its word in a file, where plank that holds alone is a solid. */
    public function inFile(): string
    {
        return $this === self::Plank ? self::Solid->value : $this->value;
    }

    /** Whether a bolt goes on into what lies behind board and lining. */
    public function isBehindLining(): bool
    {
        return $this === self::Stud || $this === self::Solid;
    }

    /** Whether the load runs across its grain, as in everything that lies level. */
    public function isLevel(): bool
    {
        return $this !== self::Stud;
    }
}
