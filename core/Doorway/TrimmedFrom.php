<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** Which edges a leaf that is too large is trimmed at. */
enum TrimmedFrom: string
{
    case Shared = 'shared';
    case OneEdge = 'one-edge';
}
