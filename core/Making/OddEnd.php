<?php

declare(strict_types=1);

namespace YokeLine\Making;

/** The end of a part that is not square, as it is laid on the wood: its long way up, mm. */
final class OddEnd
{
    /** So much of a piece is drawn, which any paper takes. */
    private const DRAWN_MM = 150.0;

    /** @return ?list<array{float, float}> from its left and from its tip; null of a part that is square */
    public static function of(Part $part): ?array
    {
        $wide = $part->width?->toMm() ?? 0.0;
        if ($part->angle !== null) {
            // Cut level: so much longer at one edge than at the other.
            $lean = $wide / tan(deg2rad($part->angle));

            return $lean > self::DRAWN_MM
                ? [[0.0, 0.0], [($wide * self::DRAWN_MM) / $lean, self::DRAWN_MM], [0.0, self::DRAWN_MM]]
                : [[0.0, 0.0], [$wide, $lean], [$wide, $lean + 40], [0.0, $lean + 40]];
        }
        if ($part->edges === null) {
            return null;
        }
        $short = $part->edges[0]->toMm();

        // At 45 degrees one end rises by the width; a corner piece runs out to nothing at both.
        return $part->edges[1]->toMm() <= self::DRAWN_MM && $short < 1.0
            ? [[0.0, $wide], [$wide, 0.0], [$wide, 2 * $wide]]
            : [[0.0, $wide], [$wide, 0.0], [$wide, $wide + 40], [0.0, $wide + 40]];
    }
}
