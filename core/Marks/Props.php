<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;

/** The two props that hold a header board until it is fixed, under a quarter and three quarters of it. */
final class Props
{
    /** Room for the wedges under each. */
    private const WEDGES_MM = 5;

    /** @return list<Length> from the left; none where there is no board */
    public static function of(Plan $plan): array
    {
        $header = $plan->header;

        return $header === null
            ? []
            : array_map(
                fn (int $quarter) => $header->foot->total->minus(
                    $plan->floor->at($header->span->low->plus($header->span->length()->scaled($quarter, 4))),
                    Length::mm(self::WEDGES_MM),
                ),
                [1, 3],
            );
    }
}
