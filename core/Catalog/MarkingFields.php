<?php

declare(strict_types=1);

namespace YokeLine\Catalog;

/** How this wall is marked, and with what. */
final class MarkingFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        return [
            Field::positive('marking.tape'),
            Field::length('marking.line'),
            Field::flag('marking.rail_up'),
            Field::positive('marking.laser'),
            Field::length('marking.proved_at'),
            Field::size('marking.packing'),
            ...array_map(fn (string $tape) => Field::texts("marking.pulls.{$tape}", 60), [
                'wall',
                'board',
                'rail',
                'floor',
            ]),
            Field::size('marking.plus_minus.tape')->usually(1, '1/32'),
            Field::size('marking.plus_minus.level')->usually(1, '1/32'),
            Field::size('marking.plus_minus.leaf')->usually(1.5, '1/16'),
            Field::size('marking.plus_minus.hole')->usually(1, '1/32'),
            Field::size('marking.plus_minus.kit')->usually(0.5, '1/64'),
        ];
    }
}
