<?php

declare(strict_types=1);

namespace YokeLine\Format;

/**
 * Places taken apart into steps; documents that come of one another share them, since the same ones are asked for over
 * and over.
 */
final class Places
{
    /** @var array<string, list<int|string>> */
    private array $known = [];

    /**
     * @return list<int|string> names, counts and, behind their sign, ids: `survey.studs[#k3].x` is survey, studs, #k3,
     * x
     */
    public function steps(string $place): array
    {
        return $this->known[$place] ??= self::taken($place);
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
