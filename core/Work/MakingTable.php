<?php

declare(strict_types=1);

namespace YokeLine\Work;

use YokeLine\Doorway\Made\Way;

/**
 * The steps of making a leaf, which stand in the place of bringing one in. The trade's rules page 8, section 4.
 *
 * Rows are those of `StepTable`, each with the ways that it belongs to; none is all.
 *
 * @phpstan-import-type Row from StepTable
 */
final class MakingTable
{
    /** After which the leaf is there. */
    public const LAST = 'square-up*';

    /** The glass goes in after the last coat. */
    public const GLAZE = 'glaze*';

    /** @return list<array{list<string>, Row}> */
    private static function all(): array
    {
        return [
            [[], ['bring-in*', 'always', ['order~leaf'], '1', 10, null, 'bench']],
            [['planked', 'framed', 'glazed'], ['cut*', 'always', ['bring-in*~rest'], '1', 10, [3, 'pieces'], 'bench']],
            [['planked'], ['rip*', 'ripped', ['cut*'], '1', 5, [4, 'ripped'], 'bench']],
            [['planked'], ['lay-up*', 'always', ['rip*'], '1', 15, null, 'bench']],
            [['planked'], ['fix-ledges*', 'always', ['lay-up*'], '1', 10, [1, 'ledge_fasteners'], 'bench']],
            [['planked'], ['fix-braces*', 'braces', ['fix-ledges*'], '1', 5, [10, 'braces'], 'bench']],
            [['framed'], ['cut-infill*', 'always', ['bring-in*~rest'], '1', 5, [4, 'infill'], 'bench']],
            [['framed'], ['fix-fillers*', 'always', ['cut*'], '1', 10, [4, 'strips'], 'bench']],
            [['framed'], ['frame-up*', 'always', ['cut*'], '1', 10, [2, 'pockets'], 'bench']],
            [['framed'], ['set-frame*', 'always', ['fix-fillers*', 'frame-up*'], 'lift', 20, null, 'bench']],
            [
                ['framed'],
                ['lay-infill*', 'always', ['set-frame*~clamp', 'cut-infill*'], '1', 10, [4, 'infill'], 'bench'],
            ],
            [['joined'], ['strip-old*', 'always', ['bring-in*'], '1', 15, [15, 'old'], 'bench']],
            [['joined'], ['plane*', 'always', ['strip-old*'], '1', 10, [5, 'edges'], 'bench']],
            [['hollow'], ['trim*', 'trimmed', ['bring-in*'], '1', 10, [10, 'trimmed'], 'bench']],
            [
                ['joined', 'hollow'],
                ['cut-foot*', 'cut_feet', ['strip-old*', 'trim*'], '1', 0, [10, 'cut_feet'], 'bench'],
            ],
            [['joined', 'hollow'], ['fill-foot*', 'blocks', ['cut-foot*'], '1', 0, [25, 'blocks'], 'bench']],
            [['joined', 'hollow'], ['fill-old*', 'fills', ['strip-old*', 'trim*'], '1', 5, [6, 'fills'], 'bench']],
            [
                ['joined'],
                ['join*', 'always', ['plane*', 'fill-foot*~clamp', 'fill-old*'], '2', 15, [5, 'joiners'], 'bench'],
            ],
            [
                ['joined', 'hollow'],
                ['lip*', 'lips', ['join*~clamp', 'fill-foot*~clamp', 'fill-old*'], '1', 0, [20, 'lips'], 'bench'],
            ],
            [['joined', 'hollow'], ['panel*', 'panels', ['lip*~clamp'], '1', 0, [15, 'panels'], 'bench']],
            [['glazed'], ['joint-up*', 'always', ['cut*'], '1', 10, [3, 'dowels'], 'bench']],
            [['glazed'], ['rebate*', 'always', ['joint-up*~clamp'], '1', 10, [10, 'panes'], 'bench']],
            [
                [],
                [
                    'square-up*',
                    'always',
                    ['fix-braces*', 'lay-infill*', 'panel*~clamp', 'rebate*'],
                    'lift',
                    20,
                    null,
                    'bench',
                ],
            ],
            [['glazed'], ['glaze*', 'always', ['coat-leaf*~cure'], '2', 10, [15, 'panes'], 'bench']],
        ];
    }

    /** @return list<StepKind> */
    public static function kinds(): array
    {
        return array_map(fn (array $row) => StepKind::from(rtrim($row[1][0], '*')), self::all());
    }

    /** @return list<Row> */
    public static function rows(Way $way): array
    {
        $rows = [];
        $others = array_map(
            fn (array $row) => $row[1][0],
            array_filter(self::all(), fn (array $row) => ! self::isOf($way, $row[0])),
        );
        foreach (self::all() as [$ways, $row]) {
            if (self::isOf($way, $ways)) {
                $row[2] = array_values(
                    array_filter($row[2], fn (string $after) => ! in_array(explode('~', $after)[0], $others, true)),
                );
                $rows[] = $row;
            }
        }

        return $rows;
    }

    /** @param  list<string>  $ways */
    private static function isOf(Way $way, array $ways): bool
    {
        return $ways === [] || in_array($way->value, $ways, true);
    }
}
