<?php

declare(strict_types=1);

namespace YokeLine\Work\Tolerance;

/** Clearances and inputs in words. */
final class Names
{
    private const ROWS = ['floor-gap' => 'foot over the floor', 'head-cover' => 'leaf over the head', 'header-casing' => 'board over the casing', 'top-gap-least' => 'top gap, over its least', 'top-gap-most' => 'top gap, under its most', 'headroom' => 'room to lift the leaf on', 'header-ceiling' => 'board under the ceiling', 'cover-left' => 'leaf past the left jamb', 'cover-right' => 'leaf past the right jamb', 'guide-lead' => 'guide inside the leaf, open', 'guide-jamb' => 'guide outside the passage', 'guide-trail' => 'guide inside the leaf, shut', 'guide-bite' => 'hold of the guide', 'wall-end' => 'leaf to the end of the wall', 'rail-end-shut' => 'stop to the rail’s end, shut', 'rail-end-open' => 'stop to the rail’s end, open', 'meeting-gap' => 'gap where the leaves meet', 'middle-stops' => 'room for the middle stops', 'between-leaves' => 'between the leaves', 'mid-overlap' => 'overlap of the leaves', 'bracket-edge' => 'bracket to the board’s edge', 'passage' => 'passage', 'passage-leaf' => 'passage, to the leaf'];

    private const INPUTS = ['leaf.width' => 'the leaf’s width as made', 'leaf.height' => 'the leaf’s height as made', 'brief.leaf.thickness' => 'the leaf’s thickness', 'brief.header.width' => 'the board’s width', 'brief.header.thickness' => 'the board’s thickness', 'hole.hanger' => 'the hanger holes', 'survey.wall.from' => 'where the wall begins', 'survey.wall.to' => 'where the wall ends', 'survey.wall.ceiling' => 'the ceiling', 'survey.opening.left' => 'the left jamb', 'survey.opening.casing.head' => 'the head casing', 'survey.opening.casing.thickness' => 'how far the casing stands out', 'survey.baseboard.thickness' => 'how far the baseboard stands out', 'mark.yoke' => 'the mark of the yoke line', 'mark.foot' => 'the mark of the board’s foot', 'mark.shut' => 'the shut mark', 'mark.open' => 'the open mark', 'mark.rail' => 'the mark of the rail', 'mark.guide' => 'the mark of the guide'];

    public static function row(string $row): string
    {
        foreach (['left', 'right'] as $leaf) {
            if (str_starts_with($row, "{$leaf}-")) {
                return "{$leaf} leaf, ".self::row(substr($row, strlen($leaf) + 1));
            }
        }
        $kind = (string) preg_replace('/[@\[].*$/', '', $row);
        $where = preg_match('/@(.+)$/', $row, $at) === 1 ? " at {$at[1]}" : (preg_match('/\[(\d+)\]/', $row, $i) === 1 ? ', measured '.((int) $i[1] + 1) : '');

        return match (true) {
            isset(self::ROWS[$kind]) => self::ROWS[$kind].$where,
            str_starts_with($kind, 'back-') => 'leaf clear of the '.substr($kind, 5),
            str_starts_with($kind, 'hole-') => 'bolt in its stud, '.strtr(substr($kind, 5), ['-' => ', ']),
            default => strtr($kind, ['-' => ' ']).$where,
        };
    }

    public static function input(string $input): string
    {
        return self::INPUTS[$input] ?? match (1) {
            preg_match('/^survey\.opening\.(width|height)\[(\d+)\]$/', $input, $at) => "the opening’s {$at[1]} ".((int) $at[2] + 1),
            preg_match('/^survey\.floor\.readings\[(\d+)\]/', $input, $at) => 'the floor level '.((int) $at[1] + 1),
            preg_match('/^survey\.studs\[(\d+)\]\.(x|width)$/', $input, $at) => ($at[2] === 'x' ? 'the place of stud ' : 'the width of stud ').((int) $at[1] + 1),
            preg_match('/^kit\.(.+)$/', $input, $at) => 'the kit’s '.strtr($at[1], ['.' => ' ', '_' => ' ']),
            default => strtr($input, ['.' => ' ', '_' => ' ', '[' => ' ', ']' => '']),
        };
    }

    /** Whether it can be measured again: what is surveyed can. */
    public static function canBeMeasured(string $input): bool
    {
        return str_starts_with($input, 'survey.');
    }
}
