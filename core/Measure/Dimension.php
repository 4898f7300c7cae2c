<?php

declare(strict_types=1);

namespace YokeLine\Measure;

/** What a quantity is one of, and the unit it is kept in. */
enum Dimension: string
{
    case Mass = 'kg';
    case Force = 'N';
    case Moment = 'Nm';
    case Pressure = 'MPa';
    case Area = 'm2';
    /** A share of the whole, 1 for all of it. */
    case Share = 'share';
    /** What a beam bends by, too small for a tape, mm. */
    case Bend = 'mm';
    /** How far a line runs off level: mm per m. */
    case Slope = 'mm/m';
}
