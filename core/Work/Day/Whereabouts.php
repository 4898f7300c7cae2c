<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

use Closure;

/** At which site each of a crew spends each stretch of a day: fewer ways to go, where there is more than one site. */
final class Whereabouts
{
    /** The first tries go through plain patterns; after them the best so far is changed a little. */
    private const PATTERNS = 12;

    /**
     * @param  array<string, string>  $best  person, day and stretch => site
     * @param  array<int, Person>  $crew
     * @param  list<string>  $sites
     * @param  Closure(): float  $chance
     * @return array<string, string>
     */
    public static function next(int $round, array $best, array $crew, array $sites, int $from, int $to, Closure $chance): array
    {
        return $round < self::PATTERNS ? self::pattern($round, $crew, $sites, $from, $to) : self::changed($best, $crew, $sites, $from, $to, $chance);
    }

    /**
     * Everyone at one site for so many stretches, then at the next; or each at a site of their own.
     *
     * @param  array<int, Person>  $crew
     * @param  list<string>  $sites
     * @return array<string, string>
     */
    private static function pattern(int $number, array $crew, array $sites, int $from, int $to): array
    {
        $length = [1, 2, 4][$number % 3];
        $first = intdiv($number, 3) % 2;
        $apart = $number >= 6;
        $where = [];
        foreach (array_values($crew) as $i => $person) {
            $stretch = 0;
            for ($day = $from; $day <= $to; $day++) {
                foreach (array_keys($person->hours) as $s) {
                    $where["{$person->id} {$day} {$s}"] = $sites[(intdiv($stretch++, $length) + $first + ($apart ? $i : 0)) % count($sites)];
                }
            }
        }

        return $where;
    }

    /**
     * @param  array<string, string>  $where
     * @param  array<int, Person>  $crew
     * @param  list<string>  $sites
     * @param  Closure(): float  $chance
     * @return array<string, string>
     */
    private static function changed(array $where, array $crew, array $sites, int $from, int $to, Closure $chance): array
    {
        for ($day = $from; $day <= $to; $day++) {
            $together = $chance() < 0.15 ? $sites[(int) ($chance() * count($sites)) % count($sites)] : null;
            foreach ($crew as $person) {
                foreach (array_keys($person->hours) as $s) {
                    $key = "{$person->id} {$day} {$s}";
                    if ($together !== null) {
                        $where[$key] = $together;
                    } elseif ($chance() < 0.06) {
                        $where[$key] = $sites[(int) ($chance() * count($sites)) % count($sites)];
                    } elseif ($chance() < 0.06) {
                        unset($where[$key]);
                    }
                }
            }
        }

        return $where;
    }
}
