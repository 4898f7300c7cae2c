<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** How high on the header board the rail line lies. */
enum HeaderAlign: string
{
    case Centred = 'centred';
    case RailLow = 'rail-low';
    case OnCasing = 'on-casing';
}
