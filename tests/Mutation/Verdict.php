<?php

declare(strict_types=1);

namespace Tests\Mutation;

/** What the tests made of a fault. */
enum Verdict: string
{
    case Asserted = 'asserted';
    case Fault = 'fault';
    case TooLong = 'too-long';
    case Lived = 'lived';
    case Uncovered = 'uncovered';
    case NotRun = 'not-run';

    /** What was not run is neither. */
    public function isCaught(): bool
    {
        return in_array($this, [self::Asserted, self::Fault, self::TooLong], true);
    }
}
