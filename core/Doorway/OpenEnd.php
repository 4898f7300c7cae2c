<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** What ends the travel on the open side: the rail's own stop, or a buffer on the wall where it ends too soon. */
enum OpenEnd: string
{
    case Stop = 'stop';
    case Buffer = 'buffer';
}
