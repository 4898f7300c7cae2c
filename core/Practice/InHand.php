<?php

declare(strict_types=1);

namespace YokeLine\Practice;

use YokeLine\Fitting\Fit;
use YokeLine\Fitting\Fitting;
use YokeLine\Fitting\SizeCard;
use YokeLine\Planning\Plan;

/** What of a door that is there already, by its size alone: nobody has weighed it or looked into its wood. */
final class InHand
{
    public const VERDICTS = ['fits', 'trim', 'pack', 'reject'];

    private const SIZES = ['width', 'height', 'thickness'];

    /** Null where none is there. */
    public static function verdict(Plan $plan): ?string
    {
        $fits = Fitting::each($plan, SizeCard::of($plan));
        $first = reset($fits);
        $sizes = array_values(array_filter(
            $first === false ? [] : $first,
            fn (Fit $fit) => in_array($fit->called()->how, self::SIZES, true) && $fit->verdict !== 'unknown',
        ));

        return $sizes === [] ? null : Fit::together($sizes);
    }
}
