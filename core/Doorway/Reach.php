<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** How high the leaf reaches: past the head of the opening, to the top of its casing, or past that. */
enum Reach: string
{
    case Head = 'head';
    case CasingTop = 'casing-top';
    case AboveCasing = 'above-casing';
}
