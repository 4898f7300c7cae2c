<?php

declare(strict_types=1);

namespace YokeLine\Format;

/** How much of each list is taken: more than any wall has, and no more than every page answers at once for. The schema has the same. */
final class Bounds
{
    public const MOST = [
        'survey.opening.width' => 12,
        'survey.opening.height' => 12,
        'survey.floor.readings' => 400,
        'survey.studs' => 200,
        'survey.hazards' => 60,
        'survey.obstacles' => 200,
        'survey.solids' => 60,
        'brief.leaf.stock_widths' => 100,
        'brief.leaf.stock_heights' => 100,
        'brief.leaf.solid' => 20,
        'marking.pulls.wall' => 60,
        'marking.pulls.board' => 60,
        'marking.pulls.rail' => 60,
        'marking.pulls.floor' => 60,
    ];

    /** Of lists within kits. */
    private const ELSEWHERE = 500;

    public static function of(string $path): int
    {
        return self::MOST[$path] ?? self::ELSEWHERE;
    }

    public static function says(int $most, int $found): string
    {
        return "Up to {$most} are taken here, not {$found}; leave out what is far from the doorway.";
    }
}
