<?php

declare(strict_types=1);

namespace App\Meter;

/** A meter that sends one distance at a time, as it is told on the tape: "2065 mm". */
interface DistanceMeter
{
    public function name(): string;

    /** The next reading; null while there is none. */
    public function next(string $browser): ?string;
}
