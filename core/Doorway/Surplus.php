<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** The side that gets what a stock leaf has to spare. */
enum Surplus: string
{
    case Trailing = 'trailing';
    case Leading = 'leading';
    case Even = 'even';
}
