<?php

declare(strict_types=1);

namespace Tests\Mutation;

/** Numbers of lines, a bit each, for a test runs thousands: two packs are joined by `|`, and `&` is what both have. */
final class Lines
{
    private function __construct() {}

    /** @param  list<int>  $numbers */
    public static function packed(array $numbers): string
    {
        $packed = str_repeat("\0", $numbers === [] ? 0 : intdiv(max($numbers), 8) + 1);
        foreach ($numbers as $number) {
            $packed[$number >> 3] = chr(ord($packed[$number >> 3]) | 1 << ($number & 7));
        }

        return $packed;
    }

    /** @return list<int> */
    public static function numbers(string $packed): array
    {
        $numbers = [];
        for ($number = 0; $number < 8 * strlen($packed); $number++) {
            if ((ord($packed[$number >> 3]) & 1 << ($number & 7)) !== 0) {
                $numbers[] = $number;
            }
        }

        return $numbers;
    }
}
