<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

use Closure;

/**
 * Where each of the crew is for a stretch of a day, as far as it is said: what is looked for beside the order where
 * there are more sites than one.
 */
final readonly class Whereabouts
{
    /** @param  array<int, array<int, array<int, int>>>  $sites  by person, day and stretch */
    private function __construct(public array $sites) {}

    public static function anywhere(): self
    {
        return new self([]);
    }

    /**
     * All at one site for so many stretches, then at the next; or each at one of their own.
     *
     * @param  Closure(): float  $chance
     */
    public static function inTurn(Steps $steps, int $till, Closure $chance): self
    {
        $count = count($steps->travel);
        $long = [1, 2, 4][(int) (3 * $chance())];
        $first = (int) ($count * $chance());
        $apart = (int) (2 * $chance());
        $sites = [];
        foreach ($steps->hours as $person => $stretches) {
            for ($day = self::first($steps), $nth = 0; $day <= $till; $day++) {
                foreach (array_keys($stretches) as $stretch) {
                    $sites[$person][$day][$stretch] = (intdiv($nth++, $long) + $first + $apart * $person) % $count;
                }
            }
        }

        return new self($sites);
    }

    /**
     * One of them, or all, on a day or on some days after one another, elsewhere or anywhere.
     *
     * @param  Closure(): float  $chance
     */
    public function changed(Steps $steps, int $till, Closure $chance): self
    {
        $sites = $this->sites;
        $first = self::first($steps);
        for ($times = 1 + (int) (3 * $chance() ** 2); $times > 0; $times--) {
            $site = $chance() < 0.7 ? (int) (count($steps->travel) * $chance()) : null;
            $only = $chance() < 0.7 ? (int) (count($steps->hours) * $chance()) : null;
            $from = $first + (int) (($till - $first + 1) * $chance());
            $to = min($till, $from + (int) (3 * $chance() ** 3));
            $half = $chance() < 0.3 ? (int) (2 * $chance()) : null;
            foreach ($steps->hours as $person => $stretches) {
                for ($day = $from; $day <= $to; $day++) {
                    foreach (array_keys($stretches) as $stretch) {
                        if (($only ?? $person) !== $person || ($half ?? $stretch) !== $stretch) {
                            continue;
                        }
                        if ($site === null) {
                            unset($sites[$person][$day][$stretch]);
                        } else {
                            $sites[$person][$day][$stretch] = $site;
                        }
                    }
                }
            }
        }

        return new self($sites);
    }

    private static function first(Steps $steps): int
    {
        return intdiv(min([PHP_INT_MAX, ...$steps->earliest]), DayPlan::DAY);
    }
}
