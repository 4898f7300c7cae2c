<?php

declare(strict_types=1);

namespace YokeLine\Doorway;

/** How a stop goes on. */
enum StopStyle: string
{
    case ClampOn = 'clamp-on';
    case Collar = 'collar';
    case SlideOn = 'slide-on';
    case Drilled = 'drilled';
    case Buffer = 'buffer';

    /** Whether it must be on the rail, in its bay, before the rail goes up. */
    public function goesOnBeforeRail(): bool
    {
        return $this === self::Collar || $this === self::SlideOn;
    }
}
