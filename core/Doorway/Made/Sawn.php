<?php

declare(strict_types=1);

namespace YokeLine\Doorway\Made;

/** How boards were sawn: it decides how much they move. */
enum Sawn: string
{
    case Flat = 'flat';
    case Quarter = 'quarter';
}
