<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** How far along its foot the leaf is grooved. */
enum Groove: string
{
    case Full = 'full';
    case Stopped = 'stopped';
}
