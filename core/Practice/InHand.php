<?php

declare(strict_types=1);

namespace YokeLine\Practice;

use YokeLine\Fitting\Fit;
use YokeLine\Fitting\Fitting;
use YokeLine\Fitting\SizeCard;
use YokeLine\Planning\Plan;

/** What of a door that is there already, by its size alone: nobody has weighed it or looked into its wood. */
final readonly class InHand
{
    public const VERDICTS = ['fits', 'trim', 'pack', 'reject'];

    private const SIZES = ['width', 'height', 'thickness'];

    private function __construct(private ?string $judged) {}

    /** Null where none is there. Every size that would serve is looked for: it is worked once for a plan. */
    public static function verdict(Plan $plan): ?string
    {
        return $plan->worked(self::class, fn () => new self(self::judge($plan)))->judged;
    }

    private static function judge(Plan $plan): ?string
    {
        if ($plan->doorway->brief->inHand === null) {
            return null;
        }
        $fits = Fitting::each($plan, SizeCard::of($plan));
        $first = reset($fits);
        $sizes = array_values(array_filter(
            $first === false ? [] : $first,
            fn (Fit $fit) => in_array($fit->called()->how, self::SIZES, true) && $fit->verdict !== 'unknown',
        ));

        return $sizes === [] ? null : Fit::together($sizes);
    }
}
