<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Measure\Length;

/** Places evenly along a length, the outer ones so far from its ends: as few as stand no further apart than wanted. */
final class Evenly
{
    /** @return non-empty-list<Length> from where the length begins */
    public static function along(Length $length, Length $first, Length $apart): array
    {
        $between = $length->minus($first, $first);
        // A nanometre is no reason for one more.
        $spaces = max(1, $between->minus(Length::nm(1))->stepsOf($apart));

        return array_map(fn (int $i) => $first->plus($between->scaled($i, $spaces)), range(0, $spaces));
    }

    /** @return non-empty-list<Length> of the screws along a piece */
    public static function screws(Length $length, Sizes $sizes): array
    {
        return self::along($length, $sizes->size(UsualSize::ScrewsFirst), $sizes->size(UsualSize::ScrewsApart));
    }
}
