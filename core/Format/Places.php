<?php

declare(strict_types=1);

namespace YokeLine\Format;

/** Places taken apart into steps, and remembered: the same ones are asked for over and over, of every document. */
final class Places
{
    /** So many are remembered, as there is no end of ids. */
    private const MOST = 10_000;

    /** @var array<string, list<int|string>> */
    private static array $known = [];

    private function __construct() {}

    /**
     * @return list<int|string> names, counts and, behind their sign, ids: `survey.studs[#k3].x` is survey, studs, #k3,
     * x
     */
    public static function steps(string $place): array
    {
        if (count(self::$known) >= self::MOST) {
            self::$known = [];
        }

        return self::$known[$place] ??= self::taken($place);
    }

    /** @return list<int|string> */
    private static function taken(string $place): array
    {
        $steps = [];
        foreach (explode('.', str_replace(['[', ']'], ['.[', ''], $place)) as $step) {
            if ($step !== '') {
                // Inside brackets stands a count, or an id behind its sign.
                $steps[] =
                    $step[0] !== '[' ? $step : (($step[1] ?? '') === '#' ? substr($step, 1) : (int) substr($step, 1));
            }
        }

        return $steps;
    }
}
