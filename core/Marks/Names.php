<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Doorway\Hang;

/** Marks and hooks in words. */
final class Names
{
    private const MARKS = [
        'board-l' => 'header, left end',
        'board-r' => 'header, right end',
        'rail-l' => 'rail, left end',
        'rail-r' => 'rail, right end',
        'shut-l' => 'leaf shut, left',
        'shut-r' => 'leaf shut, right',
        'open-l' => 'leaf open, left',
        'open-r' => 'leaf open, right',
        'jamb-l' => 'left jamb',
        'jamb-r' => 'right jamb',
        'board-foot' => 'foot of the header',
        'yoke' => 'yoke line',
        'guide' => 'guide, middle',
        'stop-shut' => 'stop face, shut',
        'stop-open' => 'stop face, open',
        'hanger-lead' => 'hanger, leading',
        'hanger-trail' => 'hanger, trailing',
        'disc-lead' => 'jump disc, leading',
        'disc-trail' => 'jump disc, trailing',
        'trigger-lead' => 'trigger, leading',
        'trigger-trail' => 'trigger, trailing',
        'pull' => 'pull, middle',
        'high-spot' => 'high spot',
    ];

    private const HOOKS = [
        'corner-l' => 'left corner',
        'corner-r' => 'right corner',
        'line' => 'pencil line',
        'rail-l' => 'rail’s left end',
        'rail-r' => 'rail’s right end',
        'jamb-l' => 'left jamb',
        'jamb-r' => 'right jamb',
        'casing-l' => 'left edge of the casing',
        'casing-r' => 'right edge of the casing',
        'middle' => 'middle of the opening',
        'end-l' => 'left end',
        'end-r' => 'right end',
    ];

    private const BEFORE = [
        'mark-wall' => 'leaf and kit are there and checked',
        'mark-line' => 'the wall is marked',
        'mark-board' => 'the board is cut',
        'set-stops' => 'the leaf hangs',
        'mark-leaf' => 'the leaf is here and trimmed',
        'mark-guide' => 'stops are set and the leaf is plumb',
        'bore-rail' => 'the rail is cut',
    ];

    private const PURPOSE = [
        'board' => 'the board is set to it',
        'rail' => 'the rail is set to it',
        'stud' => 'a screw goes in on it',
        'hole' => 'a bolt goes in on it',
        'bored' => 'bored on site, deburred',
        'joint' => 'two pieces meet on it',
        'stop' => 'the stop’s face comes to it',
        'guide' => 'the guide stands on it',
        'shut|open' => 'to see by it how far the leaf runs',
        'hanger' => 'the hanger’s holes',
        'disc' => 'the jump disc, on the top edge',
        'trigger' => 'the trigger, on the top edge',
        'pull' => 'the pull',
    ];

    public static function of(string $mark): string
    {
        if (isset(self::MARKS[$mark])) {
            return self::MARKS[$mark];
        }
        foreach (array_merge(...array_map(fn (Hang $hang) => $hang->leaves(), Hang::cases())) as $leaf) {
            if (str_starts_with($mark, "{$leaf}-")) {
                return "{$leaf} ".self::of(substr($mark, strlen($leaf) + 1));
            }
        }

        return strtr($mark, ['-' => ' ']);
    }

    public static function hook(string $hook): string
    {
        return self::HOOKS[$hook] ?? $hook;
    }

    /** @return array<string, string> */
    public static function hooks(): array
    {
        return self::HOOKS;
    }

    /** What a mark is for. */
    public static function purpose(string $mark): string
    {
        foreach (self::PURPOSE as $ending => $purpose) {
            if (preg_match("/(^|-)({$ending})(-|$)/", $mark) === 1) {
                return $purpose;
            }
        }

        return '';
    }

    /** What must be true before a mark of that step is made. */
    public static function before(string $step): string
    {
        return self::BEFORE[$step] ?? '';
    }
}
