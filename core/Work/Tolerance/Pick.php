<?php

declare(strict_types=1);

namespace YokeLine\Work\Tolerance;

use YokeLine\Doorway\PlusMinus;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;
use YokeLine\Work\Recovery\OnSite;

/** What the planner would choose otherwise if a measurement were a little different. */
final readonly class Pick
{
    private const STEP_NM = 10_000;

    /** @param  Length  $by  the least change of the input that turns it, to 0.01 */
    private function __construct(public string $pick, public Length $now, public Length $becomes, public string $input, public Length $by) {}

    /** @return list<self> every survey input is tried out to twice its plus-minus, either way */
    public static function of(OnSite $site, PlusMinus $plusMinus): array
    {
        $now = self::picks($site->plan);
        $found = [];
        foreach (Held::of($site->plan, $plusMinus)->inputs as $input => [$is, $by]) {
            foreach (str_starts_with($input, 'survey.') ? [1, -1] : [] as $way) {
                $at = fn (int $steps) => $site->again([$input => $is->plus(Length::nm(self::STEP_NM)->times($steps * $way))]);
                $most = intdiv(2 * $by->nm, self::STEP_NM);
                $far = $at($most);
                if ($far === null) {
                    continue;
                }
                foreach (self::turned($now, self::picks($far)) as $pick) {
                    $low = 0;
                    $high = $most;
                    while ($high - $low > 1) {
                        $middle = intdiv($low + $high, 2);
                        $plan = $at($middle);
                        $plan !== null && in_array($pick, self::turned($now, self::picks($plan)), true) ? $high = $middle : $low = $middle;
                    }
                    $then = $at($high) ?? $far;
                    $found[] = new self($pick, $now[$pick], self::picks($then)[$pick], $input, Length::nm(self::STEP_NM)->times($high * $way));
                }
            }
        }

        return $found;
    }

    /** @return array<string, Length> what is chosen from stock */
    private static function picks(Plan $plan): array
    {
        return ['leaf.width' => $plan->layout->width->size->total, 'leaf.height' => $plan->heights->leaf->size->total, 'rail.length' => $plan->rail->length->total];
    }

    /**
     * @param  array<string, Length>  $now
     * @param  array<string, Length>  $then
     * @return list<string>
     */
    private static function turned(array $now, array $then): array
    {
        return array_keys(array_filter($now, fn (Length $is, string $pick) => ! $is->equals($then[$pick]), ARRAY_FILTER_USE_BOTH));
    }
}
