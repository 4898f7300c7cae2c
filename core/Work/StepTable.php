<?php

declare(strict_types=1);

namespace YokeLine\Work;

/**
 * Every step there can be, in the order they are usually met.
 *
 * id, * for each leaf, ^ each rail, # each guide, .k each coat; the fact that brings it in; what it comes after,
 * `a~wait` with a wait;
 * people; minutes, as a base and so much for each of something; where.
 */
final class StepTable
{
    /** @return list<array{string, string, list<string>, string, float, ?array{float, string}, 'wall'|'bench'}> */
    public static function rows(): array
    {
        return [
            ['look', 'always', [], '1', 15, null, 'wall'],
            ['measure', 'always', ['look'], '1', 15, [2, 'readings'], 'wall'],
            ['scan', 'studs', ['look'], '1', 10, [3, 'wall_m'], 'wall'],
            ['choose', 'always', ['measure', 'scan'], '1', 15, null, 'bench'],
            ['order', 'always', ['choose'], '1', 10, null, 'bench'],
            ['box-check', 'always', ['order~kit'], '1', 10, null, 'bench'],
            ['trial', 'doubt', ['box-check'], '1', 15, null, 'bench'],
            ['leaf-in*', 'always', ['order~leaf'], 'lift', 10, null, 'bench'],
            ['trim-leaf*', 'trim', ['leaf-in*'], '1', 25, null, 'bench'],
            ['mark-leaf*', 'always', ['leaf-in*', 'trim-leaf*', 'box-check', 'trial'], '1', 10, null, 'bench'],
            ['bore-leaf*', 'always', ['mark-leaf*'], '1', 5, [3, 'leaf_holes'], 'bench'],
            ['groove*', 'fin', ['mark-leaf*'], '1', 10, [8, 'leaf_w'], 'bench'],
            ['coat-leaf*.k', 'coats_leaf', ['bore-leaf*', 'groove*'], '1', 5, [6, 'leaf_m2'], 'bench'],
            ['fit-hangers*', 'always', ['bore-leaf*', 'groove*', 'coat-leaf*~cure'], '1', 10, null, 'bench'],
            ['fit-discs*', 'disc', ['bore-leaf*', 'groove*', 'coat-leaf*~cure'], '1', 5, null, 'bench'],
            ['fit-triggers*', 'soft', ['bore-leaf*', 'groove*', 'coat-leaf*~cure'], '1', 5, null, 'bench'],
            ['fit-pulls*', 'pull', ['bore-leaf*', 'groove*', 'coat-leaf*~cure'], '1', 10, null, 'bench'],
            ['cut-board', 'header', ['order~board'], '1', 5, [5, 'board_pieces'], 'bench'],
            ['mark-board', 'header', ['cut-board'], '1', 5, [1, 'board_marks'], 'bench'],
            ['bore-board', 'header', ['mark-board'], '1', 5, [2, 'board_marks'], 'bench'],
            ['coat-board.k', 'coats_board', ['bore-board'], '1', 5, [6, 'board_m2'], 'bench'],
            ['cut-rail^', 'cut', ['box-check'], '1', 15, null, 'bench'],
            ['bore-rail^', 'bored', ['box-check', 'cut-rail^'], '1', 5, [5, 'rail_holes'], 'bench'],
            ['join-rail^', 'splice', ['box-check', 'cut-rail^', 'bore-rail^'], '1', 10, null, 'bench'],
            ['stops-on^', 'early', ['box-check', 'cut-rail^', 'bore-rail^', 'join-rail^'], '1', 5, null, 'bench'],
            ['catches-on^', 'soft', ['box-check', 'cut-rail^', 'bore-rail^', 'join-rail^'], '1', 10, null, 'bench'],
            ['door-off', 'was', ['box-check', 'leaf-in*'], '1', 15, null, 'wall'],
            ['fill-jambs', 'was', ['door-off'], '1', 20, null, 'wall'],
            ['isolate', 'wall_opened', ['choose'], '1', 10, null, 'wall'],
            ['open-wall', 'wall_opened', ['isolate'], '1', 30, null, 'wall'],
            ['move-hazard', 'hazard_moved', ['choose', 'open-wall'], '1', 60, null, 'wall'],
            ['patch-wall', 'wall_opened', ['move-hazard'], '1', 40, null, 'wall'],
            ['move-obstacle', 'obstacle_moved', ['choose'], '1', 30, null, 'wall'],
            ['ease', 'eased', ['choose'], '1', 20, null, 'wall'],
            [
                'mark-wall',
                'always',
                ['box-check', 'leaf-in*', 'ease', 'move-hazard', 'patch-wall~dry', 'move-obstacle', 'door-off?'],
                '1',
                10,
                [1, 'wall_marks'],
                'wall',
            ],
            ['mark-line', 'always', ['mark-wall'], '1', 5, [2, 'places'], 'wall'],
            ['prove-line', 'always', ['mark-line'], '1', 10, null, 'wall'],
            ['bore-wall', 'not header', ['prove-line'], '1', 5, [4, 'rail_holes'], 'wall'],
            ['board-up', 'header', ['prove-line', 'bore-board', 'coat-board~cure'], 'longb', 15, null, 'wall'],
            ['board-fix', 'header', ['board-up'], '1', 5, [2, 'screws'], 'wall'],
            [
                'rail-up^',
                'always',
                [
                    'box-check',
                    'prove-line',
                    'bore-wall',
                    'board-fix',
                    'cut-rail^',
                    'bore-rail^',
                    'join-rail^',
                    'stops-on^',
                    'catches-on^',
                ],
                'longr',
                10,
                [2, 'rail_holes'],
                'wall',
            ],
            ['rail-true^', 'always', ['rail-up^'], '1', 10, [1, 'rail_holes'], 'wall'],
            [
                'hang*',
                'always',
                ['rail-true^', 'fit-hangers*', 'fit-discs*', 'fit-triggers*', 'fit-pulls*'],
                'lift2',
                10,
                null,
                'wall',
            ],
            ['discs-in*', 'disc', ['hang*'], '1', 5, null, 'wall'],
            ['set-stops*', 'always', ['hang*', 'discs-in*'], '1', 10, null, 'wall'],
            ['buffer', 'buffer', ['hang*'], '1', 5, null, 'wall'],
            ['set-catches*', 'soft', ['set-stops*'], '1', 10, null, 'wall'],
            ['mark-guide#', 'always', ['set-stops*'], '1', 10, null, 'wall'],
            ['fix-guide#', 'always', ['mark-guide#'], '1', 0, [1, 'hard'], 'wall'],
            [
                'prove-run',
                'always',
                ['set-stops*', 'buffer', 'set-catches*', 'fix-guide#', 'door-off'],
                '1',
                10,
                [5, 'leaves'],
                'wall',
            ],
            ['paint-patch', 'wall_opened', ['patch-wall~dry', 'rail-true^'], '1', 20, null, 'wall'],
            ['make-good', 'always', ['prove-run', 'fill-jambs', 'paint-patch'], '1', 20, null, 'wall'],
            ['hand-over', 'always', ['make-good'], '1', 15, null, 'wall'],
        ];
    }
}
