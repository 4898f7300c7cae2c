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

    /** Codes that nothing else ends with. */
    private const FIRST_CODE = 100;

    /** As PHP ends where it broke: what goes round until there is no memory left did run. */
    private const BROKE = 255;

    /** What a run ends with that came to this. */
    public function code(): int
    {
        return self::FIRST_CODE + (int) array_search($this, self::cases(), true);
    }

    /** Tests that never ran tell nothing, whatever their process ended with. */
    public static function of(Run $run): self
    {
        return match (true) {
            $run->isGivenUp() => self::TooLong,
            $run->code() === null, $run->code() === self::BROKE => self::Fault,
            default => self::cases()[$run->code() - self::FIRST_CODE] ?? self::NotRun,
        };
    }

    /** What was not run is neither. */
    public function isCaught(): bool
    {
        return in_array($this, [self::Asserted, self::Fault, self::TooLong], true);
    }
}
