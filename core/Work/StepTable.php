<?php

declare(strict_types=1);

namespace YokeLine\Work;

use LogicException;
use YokeLine\Doorway\Finished;
use YokeLine\Doorway\HolesFound;
use YokeLine\Doorway\LineFound;
use YokeLine\Doorway\Made\Way;
use YokeLine\Doorway\WorkRules;

/**
 * Every step there can be, in the order they are usually met.
 *
 * id, * for each leaf, ^ each rail, # each guide, % each part that is missing, .k each coat; the fact that brings it
 * in; what it comes after, `a~wait` with a wait;
 * people; minutes, as a base and so much for each of something; where.
 *
 * @phpstan-type Row array{string, string, list<string>, string, float, ?array{float, string}, 'wall'|'bench'}
 */
final class StepTable
{
    private const LEAF_IN = 'leaf-in*';

    private const BEFORE_MAKING_GOOD = [
        'prove-run',
        'fill-jambs',
        'paint-patch',
        'fill-heads',
        'stain-heads',
        'cap-heads',
    ];

    /**
     * As this house does the work: what it does otherwise stands in the place of what is usual.
     *
     * @return list<Row>
     */
    public static function of(WorkRules $rules, ?Way $made = null): array
    {
        $otherwise = [...self::finished($rules->finished), ...self::bored($rules->holesFound)];
        $rows = $rules->lineFound === LineFound::Packing ? self::liftedToTheLine() : self::rows();
        if ($made !== null) {
            [$rows, $otherwise] = self::made($made, $rows, $otherwise);
        }

        return $otherwise === []
            ? $rows
            : self::inOrder(array_map(fn (array $row) => $otherwise[$row[0]] ?? $row, $rows));
    }

    /**
     * The steps of making the leaf in the place of bringing one in; glass after the last coat, before it is hung where
     * it is coated before.
     *
     * @param  list<Row>  $rows
     * @param  array<string, Row>  $otherwise
     * @return array{list<Row>, array<string, Row>}
     */
    private static function made(Way $made, array $rows, array $otherwise): array
    {
        $last = isset($otherwise['coat-leaf*.k']) ? 'make-good' : 'hang*';
        $changed = [];
        foreach ($rows as $row) {
            $instead = $row[0] === self::LEAF_IN
                ? MakingTable::rows($made)
                : [self::afterMaking($row, $made, $last)];
            array_push($changed, ...$instead);
        }

        return [
            self::inOrder($changed),
            array_map(fn (array $row) => self::afterMaking($row, $made, $last), $otherwise),
        ];
    }

    /**
     * @param  Row  $row
     * @param  string  $last  what comes after the glass
     * @return Row
     */
    private static function afterMaking(array $row, Way $made, string $last): array
    {
        $row[2] = array_map(fn (string $one) => $one === self::LEAF_IN ? MakingTable::LAST : $one, $row[2]);
        if ($made === Way::Glazed && $row[0] === $last) {
            $row[2][] = MakingTable::GLAZE;
        }

        return $row;
    }

    /**
     * Each after all that it comes after, else as they stood.
     *
     * @param  list<Row>  $rows
     * @return list<Row>
     */
    private static function inOrder(array $rows): array
    {
        $left = array_column($rows, null, 0);
        $ordered = [];
        while ($left !== []) {
            $next = self::firstFree($left) ?? throw new LogicException('A ring: '.implode(' ', array_keys($left)));
            $ordered[] = $left[$next];
            unset($left[$next]);
        }

        return $ordered;
    }

    /** @param  array<string, Row>  $left  by what they are */
    private static function firstFree(array $left): ?string
    {
        foreach ($left as $what => $row) {
            foreach ($row[2] as $after) {
                $before = rtrim(explode('~', $after)[0], '?');
                if (isset($left[$before]) || isset($left["{$before}.k"])) {
                    continue 2;
                }
            }

            return $what;
        }

        return null;
    }

    /** @return list<Row> */
    public static function rows(): array
    {
        return [
            ['look', 'always', [], '1', 15, null, 'wall'],
            ['measure', 'always', ['look'], '1', 15, [2, 'readings'], 'wall'],
            ['scan', 'studs', ['look'], '1', 10, [3, 'wall_m'], 'wall'],
            ['choose', 'always', ['measure', 'scan'], '1', 15, null, 'bench'],
            ['order', 'always', ['choose'], '1', 10, null, 'bench'],
            ['box-check', 'always', ['order~kit'], '1', 10, null, 'bench'],
            ['part-comes%', 'always', ['box-check'], '1', 5, null, 'bench'],
            ['trial', 'doubt', ['box-check'], '1', 15, null, 'bench'],
            ['leaf-in*', 'always', ['order~leaf'], 'lift', 10, null, 'bench'],
            ['trim-leaf*', 'trim', ['leaf-in*'], '1', 25, null, 'bench'],
            ['lay-out', 'laid_out', ['leaf-in*', 'trim-leaf*', 'box-check'], 'lift', 15, null, 'bench'],
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
            ['spray-heads', 'coloured', ['box-check'], '1', 10, [1, 'screws'], 'bench'],
            ['cut-template', 'template', ['box-check', 'leaf-in*'], '1', 10, null, 'bench'],
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
            ['mark-line', 'always', ['mark-wall', 'lay-out', 'cut-template'], '1', 5, [2, 'places'], 'wall'],
            ['prove-line', 'always', ['mark-line'], '1', 10, null, 'wall'],
            ['bore-wall', 'not header', ['prove-line'], '1', 5, [4, 'wall_holes'], 'wall'],
            ['board-up', 'header', ['prove-line', 'bore-board', 'coat-board~cure'], 'board', 15, null, 'wall'],
            ['board-fix', 'header', ['board-up', 'spray-heads'], '1', 5, [2, 'screws'], 'wall'],
            [
                'rail-held^',
                'held',
                ['box-check', 'prove-line', 'board-fix', 'cut-rail^', 'bore-rail^', 'join-rail^'],
                '2',
                10,
                null,
                'wall',
            ],
            ['bore-through^', 'through', ['rail-held^'], '1', 5, [4, 'other_holes'], 'wall'],
            [
                'rail-up^',
                'always',
                [
                    'box-check',
                    'prove-line',
                    'bore-wall',
                    'board-fix',
                    'rail-held^',
                    'bore-through^',
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
            ['fill-heads', 'filled', ['board-fix'], '1', 10, [1, 'screws'], 'wall'],
            ['stain-heads', 'stained', ['board-fix'], '1', 10, [1, 'screws'], 'wall'],
            ['cap-heads', 'capped', ['board-fix'], '1', 10, [1, 'screws'], 'wall'],
            ['paint-patch', 'wall_opened', ['patch-wall~dry', 'rail-true^'], '1', 20, null, 'wall'],
            ['make-good', 'always', self::BEFORE_MAKING_GOOD, '1', 20, null, 'wall'],
            ['hand-over', 'always', ['make-good'], '1', 15, null, 'wall'],
        ];
    }

    /** @return array<string, Row> what comes otherwise, by its id */
    private static function finished(Finished $finished): array
    {
        if ($finished === Finished::Before) {
            return [];
        }
        $dry = ['bore-leaf*', 'groove*'];
        $rows = [
            ['coat-leaf*.k', 'coats_leaf', ['prove-run'], '1', 5, [6, 'leaf_m2'], 'wall'],
            ['fit-hangers*', 'always', $dry, '1', 10, null, 'bench'],
            ['fit-discs*', 'disc', $dry, '1', 5, null, 'bench'],
            ['fit-triggers*', 'soft', $dry, '1', 5, null, 'bench'],
            ['fit-pulls*', 'pull', $dry, '1', 10, null, 'bench'],
            ['make-good', 'always', [...self::BEFORE_MAKING_GOOD, 'coat-leaf*~cure'], '1', 20, null, 'wall'],
        ];

        return array_column($rows, null, 0);
    }

    /**
     * The rail held up is its own template, or one hole is found and the others through the rail that hangs by it.
     *
     * @return array<string, Row>
     */
    private static function bored(HolesFound $found): array
    {
        $rows = match ($found) {
            HolesFound::HeldUp => [
                ['mark-board', 'never', ['cut-board'], '1', 5, null, 'bench'],
                ['bore-board', 'header', ['rail-held^'], '1', 5, [2, 'board_marks'], 'wall'],
                ['coat-board.k', 'coats_board', ['cut-board'], '1', 5, [6, 'board_m2'], 'bench'],
                ['board-up', 'header', ['prove-line', 'cut-board', 'coat-board~cure'], 'board', 15, null, 'wall'],
                ['bore-wall', 'not header', ['rail-held^'], '1', 5, [4, 'rail_holes'], 'wall'],
            ],
            HolesFound::FromFirst => [
                [
                    'rail-held^',
                    'held',
                    ['box-check', 'bore-wall', 'board-fix', 'cut-rail^', 'bore-rail^', 'join-rail^'],
                    '2',
                    10,
                    null,
                    'wall',
                ],
            ],
            default => [],
        };
        $rows = array_column($rows, null, 0);
        if ($found === HolesFound::HeldUp) {
            $up = array_column(self::rows(), null, 0)['rail-up^'];
            $up[2][] = 'bore-board';
            $rows['rail-up^'] = $up;
        }

        return $rows;
    }

    /** @return list<Row> the leaf itself is stood at the wall to mark the line */
    private static function liftedToTheLine(): array
    {
        return array_map(
            fn (array $row) => $row[0] === 'mark-line'
                ? ['mark-line', 'always', [...$row[2], 'leaf-in*', 'trim-leaf*'], 'lift', 5, [2, 'places'], 'wall']
                : $row,
            self::rows(),
        );
    }
}
