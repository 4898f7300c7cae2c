<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** Which of a rail’s heights this house says first. */
enum HeightMeans: string
{
    case Hole = 'hole';
    case Top = 'top';
    case Foot = 'foot';
}
