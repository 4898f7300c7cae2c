<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What holds the header board until it is fixed. */
enum BoardHeld: string
{
    case Helper = 'helper';
    case Props = 'props';
    case Tacked = 'tacked';
}
