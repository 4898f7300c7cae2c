<?php

declare(strict_types=1);

namespace YokeLine\Doorway\Made;

/** What joins two old leaves. */
enum Join: string
{
    case Plates = 'plates';
    case Dowels = 'dowels';
    case Spline = 'spline';
}
