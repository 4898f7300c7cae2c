<?php

declare(strict_types=1);

namespace YokeLine\Doorway\Made;

/** How the boards of an infill run. */
enum Pattern: string
{
    case Straight = 'straight';
    case Diagonal = 'diagonal';
    case Chevron = 'chevron';
}
