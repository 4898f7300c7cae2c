<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** The way a single leaf goes to open, seen from the room, facing the wall. */
enum Opens: string
{
    case Left = 'left';
    case Right = 'right';
}
