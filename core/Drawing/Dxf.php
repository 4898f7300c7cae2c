<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Measure\LengthWriter;
use YokeLine\Measure\Unit;

/** A scene as DXF R12: in millimetres or in inches, y up, a layer to each of the scene's; boxes become polylines. */
final class Dxf
{
    private const COLOURS = [
        'yoke-line' => 1,
        'rail' => 5,
        'header' => 30,
        'leaf-shut' => 4,
        'leaf-open' => 8,
        'hazards' => 1,
        'fixings' => 6,
        'marks' => 1,
    ];

    private const UNITS = ['in' => 1, 'mm' => 4];

    private const MM_AN_INCH = 25.4;

    /** Groups that hold a place or a length. */
    private const LENGTHS = [10, 11, 20, 21, 40];

    /** @param  Scene  $scene  in millimetres */
    public static function write(Scene $scene, Unit $unit = Unit::Millimetre): string
    {
        $layers = array_values(array_unique(array_map(fn (Shape $shape) => $shape->layer, $scene->shapes)));
        $entities = array_map(fn (Shape $shape) => self::in($unit, self::entity($shape)), $scene->shapes);
        [$low, $high] = self::extents($entities);

        return self::pairs([
            [0, 'SECTION'],
            [2, 'HEADER'],
            [9, '$ACADVER'],
            [1, 'AC1009'],
            [9, '$INSUNITS'],
            [70, self::UNITS[$unit->value]],
            [9, '$MEASUREMENT'],
            [70, $unit === Unit::Millimetre ? 1 : 0],
            [9, '$EXTMIN'],
            [10, $low[0]],
            [20, $low[1]],
            [9, '$EXTMAX'],
            [10, $high[0]],
            [20, $high[1]],
            [0, 'ENDSEC'],
            [0, 'SECTION'],
            [2, 'TABLES'],
            [0, 'TABLE'],
            [2, 'LTYPE'],
            [70, 1],
            [0, 'LTYPE'],
            [2, 'CONTINUOUS'],
            [70, 0],
            [3, 'Solid line'],
            [72, 65],
            [73, 0],
            [40, 0.0],
            [0, 'ENDTAB'],
            [0, 'TABLE'],
            [2, 'LAYER'],
            [70, count($layers)],
            ...array_merge(
                ...array_map(
                    fn (string $layer) => [
                        [0, 'LAYER'],
                        [2, self::name($layer)],
                        [70, 0],
                        [62, self::COLOURS[$layer] ?? 7],
                        [6, 'CONTINUOUS'],
                    ],
                    $layers,
                ),
            ),
            [0, 'ENDTAB'],
            [0, 'ENDSEC'],
            [0, 'SECTION'],
            [2, 'ENTITIES'],
            ...array_merge(...$entities),
            [0, 'ENDSEC'],
            [0, 'EOF'],
        ]);
    }

    /**
     * @param  list<array{int, string|int|float}>  $entity  in millimetres
     * @return list<array{int, string|int|float}>
     */
    private static function in(Unit $unit, array $entity): array
    {
        return $unit === Unit::Millimetre
            ? $entity
            : array_map(
                fn (array $pair) => is_float($pair[1]) && in_array($pair[0], self::LENGTHS, true)
                    ? [$pair[0], $pair[1] / self::MM_AN_INCH]
                    : $pair,
                $entity,
            );
    }

    /**
     * As far as what is drawn reaches, not the frame it is shown in.
     *
     * @param  array<list<array{int, string|int|float}>>  $entities
     * @return array{array{float, float}, array{float, float}}
     */
    private static function extents(array $entities): array
    {
        $across = $up = [];
        foreach ($entities as $entity) {
            $radius = ($entity[0][1] ?? '') === 'CIRCLE' ? (float) (array_column($entity, 1, 0)[40] ?? 0) : 0.0;
            // A polyline begins with a place that is none; its vertices have theirs.
            foreach (($entity[0][1] ?? '') === 'POLYLINE' ? array_slice($entity, 5) : $entity as [$code, $value]) {
                if (in_array($code, [10, 11], true)) {
                    array_push($across, (float) $value - $radius, (float) $value + $radius);
                } elseif (in_array($code, [20, 21], true)) {
                    array_push($up, (float) $value - $radius, (float) $value + $radius);
                }
            }
        }

        return $across === [] || $up === []
            ? [[0.0, 0.0], [0.0, 0.0]]
            : [[min($across), min($up)], [max($across), max($up)]];
    }

    /** @return list<array{int, string|int|float}> */
    private static function entity(Shape $shape): array
    {
        $layer = [8, self::name($shape->layer)];
        $at = $shape->attributes;

        return match ($shape->kind) {
            'line' => [
                [0, 'LINE'],
                $layer,
                [10, (float) $at['x1']],
                [20, -(float) $at['y1']],
                [11, (float) $at['x2']],
                [21, -(float) $at['y2']],
            ],
            'circle' => [
                [0, 'CIRCLE'],
                $layer,
                [10, (float) $at['cx']],
                [20, -(float) $at['cy']],
                [40, (float) $at['r']],
            ],
            'text' => [
                [0, 'TEXT'],
                $layer,
                [10, (float) $at['x']],
                [20, -(float) $at['y']],
                [40, (float) $at['font-size']],
                [1, self::ascii($shape->text)],
                [50, 90.0],
            ],
            'rect' => self::polyline(
                $layer,
                [
                    [(float) $at['x'], (float) $at['y']],
                    [(float) $at['x'] + (float) $at['width'], (float) $at['y']],
                    [(float) $at['x'] + (float) $at['width'], (float) $at['y'] + (float) $at['height']],
                    [(float) $at['x'], (float) $at['y'] + (float) $at['height']],
                ],
                true,
            ),
            'polyline', 'polygon' => self::polyline(
                $layer,
                array_map(
                    fn (string $point) => array_map(floatval(...), explode(',', $point)),
                    explode(' ', (string) $at['points']),
                ),
                $shape->kind === 'polygon',
            ),
            default => [],
        };
    }

    /**
     * @param  array{int, string}  $layer
     * @param  array<array<float>>  $points
     * @return list<array{int, string|int|float}>
     */
    private static function polyline(array $layer, array $points, bool $closed): array
    {
        $vertices = array_map(
            fn (array $point) => [[0, 'VERTEX'], $layer, [10, $point[0]], [20, -$point[1]]],
            array_values($points),
        );

        return [
            [0, 'POLYLINE'],
            $layer,
            [66, 1],
            [10, 0.0],
            [20, 0.0],
            [70, $closed ? 1 : 0],
            ...array_merge(...$vertices),
            [0, 'SEQEND'],
            $layer,
        ];
    }

    /** @param  list<array{int, string|int|float}>  $pairs */
    private static function pairs(array $pairs): string
    {
        return implode(
            '',
            array_map(
                fn (array $pair) => "{$pair[0]}\r\n".
                    (is_float($pair[1])
                        ? rtrim(rtrim(number_format($pair[1] + 0.0, 6, '.', ''), '0'), '.')
                        : $pair[1]).
                    "\r\n",
                $pairs,
            ),
        );
    }

    private static function name(string $layer): string
    {
        return strtoupper(strtr($layer, '-', '_'));
    }

    /** Letters that the format does not have stand in it by their number. */
    private static function ascii(string $text): string
    {
        return (string) preg_replace_callback(
            '/[^\x20-\x7e]/u',
            fn (array $letter) => sprintf('\\U+%04X', mb_ord($letter[0])),
            strtr(LengthWriter::inPlainBlanks($text), ['’' => "'", '×' => 'x', '–' => '-']),
        );
    }
}
