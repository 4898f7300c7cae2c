<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** When a rail's bolts are tightened. */
enum Tightened: string
{
    case LevelThen = 'level-then';
    case Each = 'each';
    case FromMiddle = 'from-middle';
}
