<?php

declare(strict_types=1);

namespace YokeLine\Tolerance;

use YokeLine\Doorway\PlusMinus;
use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;
use YokeLine\Recovery\OnSite;

/** What the planner would choose otherwise if a measurement were a little different. */
final readonly class Pick
{
    private const STEP_NM = 10_000;

    /** @param  Length  $by  the least change of the input that turns it, to 0.01 */
    private function __construct(
        public string $pick,
        public Length $now,
        public Length $becomes,
        public string $input,
        public Length $by,
    ) {}

    /** @return list<self> every measure that sizes are worked from is tried out to twice its plus-minus, either way */
    public static function of(OnSite $site, PlusMinus $plusMinus): array
    {
        $now = self::picks($site->plan);
        $turn = FloorTurn::of($site->plan);
        $readings = array_column($site->plan->doorway->survey->floor, null, 'place');
        $known = [];
        $found = [];
        $inputs = array_filter(Held::of($site->plan, $plusMinus)->inputs, self::sizes(...), ARRAY_FILTER_USE_KEY);
        foreach ($inputs as $input => [$is, $by]) {
            $reading = $readings[(string) preg_replace('/\.level$/', '', $input)] ?? null;
            $at = function (int $steps) use ($site, $turn, $reading, $input, $is, &$known): ?array {
                $off = $is->plus(Length::nm(self::STEP_NM)->times($steps));
                $key = ($reading === null ? null : $turn->key($reading, $off)) ?? "{$input} {$off->nm}";
                if (! array_key_exists($key, $known)) {
                    $plan = $site->again([$input => $off]);
                    $known[$key] = $plan === null ? null : self::picks($plan);
                }

                return $known[$key];
            };
            $most = intdiv(2 * $by->nm, self::STEP_NM);
            foreach ([1, -1] as $way) {
                $far = $at($most * $way) ?? [];
                foreach (self::turned($now, $far) as $pick) {
                    $low = 0;
                    $high = $most;
                    while ($high - $low > 1) {
                        $middle = intdiv($low + $high, 2);
                        $then = $at($middle * $way);
                        in_array($pick, self::turned($now, $then ?? []), true) ? ($high = $middle) : ($low = $middle);
                    }
                    $becomes = $at($high * $way)[$pick] ?? $far[$pick];
                    $found[] = new self(
                        $pick,
                        $now[$pick],
                        $becomes,
                        $input,
                        Length::nm(self::STEP_NM)->times($high * $way),
                    );
                }
            }
        }

        return $found;
    }

    /** Sizes do not hang on studs, nor on what stands on the wall. */
    private static function sizes(string $input): bool
    {
        return preg_match('/^survey\.(wall|opening|floor|baseboard)\b/', $input) === 1;
    }

    /** @return array<string, Length> what is chosen from stock */
    private static function picks(Plan $plan): array
    {
        return [
            'leaf.width' => $plan->layout->width->size->total,
            'leaf.height' => $plan->heights->leaf->size->total,
            'rail.length' => $plan->rail->length->total,
        ];
    }

    /**
     * @param  array<string, Length>  $now
     * @param  array<string, Length>  $then
     * @return list<string>
     */
    private static function turned(array $now, array $then): array
    {
        return array_keys(
            array_filter(
                $now,
                fn (Length $is, string $pick) => isset($then[$pick]) && ! $is->equals($then[$pick]),
                ARRAY_FILTER_USE_BOTH,
            ),
        );
    }
}
