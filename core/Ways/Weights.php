<?php

declare(strict_types=1);

namespace YokeLine\Ways;

/** What matters to this customer, 0 to 10 each. */
final readonly class Weights
{
    private const PURPOSES = ['sight', 'sound', 'light', 'space', 'looks'];

    /** @param  array<string, int>  $of  by purpose: sight, sound, light, space, looks, and ease and cost */
    private function __construct(public array $of) {}

    /**
     * From what the leaf is for, the most important first: each that is named weighs 2 less than the one before.
     *
     * @param  list<string>  $purposes
     */
    public static function from(array $purposes): self
    {
        $weights = array_fill_keys(self::PURPOSES, 2);
        foreach (array_values(array_intersect($purposes, self::PURPOSES)) as $i => $purpose) {
            $weights[$purpose] = max(2, 10 - 2 * $i);
        }

        return new self([...$weights, 'ease' => 5, 'cost' => 3]);
    }

    /** @param  array<string, int>  $set */
    public function with(array $set): self
    {
        return new self(
            array_map(
                fn (int $weight) => min(10, max(0, $weight)),
                array_replace($this->of, array_intersect_key($set, $this->of)),
            ),
        );
    }

    /**
     * The sum of what each purpose sees in a way, 0 to 1 each, by its weight. Sight and sound want overlap on a covered
     * casing, light and
     * space want passage, looks want one leaf of a stock size low on nothing to settle, ease wants little to settle and
     * little to lift, cost
     * wants a cheap kit; one of no known price counts as neither cheap nor dear.
     *
     * @param  float  $widest  the greatest passage of all ways, mm
     * @param  ?float  $cheapest  the least price of all kits, null where none is known
     */
    public function score(Way $way, float $widest, ?float $cheapest): float
    {
        $overlap = min(1.0, max(0.0, $way->overlap->toMm() / 120));
        $passage = $widest > 0 ? $way->passage->toMm() / $widest : 0.0;
        $calm = 1 / (1 + count($way->settle));
        $sees = [
            'sight' => $overlap,
            'sound' => 0.7 * $overlap + 0.3 / $way->leaves,
            'light' => $passage,
            'space' => $passage,
            'looks' => ($way->choice->cover->coversCasing() ? 0.5 : 0.3) +
                0.3 / $way->leaves +
                ($way->choice->park->isZero() ? 0.2 : 0.0),
            'cost' => $cheapest === null || $way->price === null || $way->price <= 0 ? 0.5 : $cheapest / $way->price,
            'ease' => 0.6 * $calm + 0.2 / $way->leaves + ($way->isStock ? 0.2 : 0.0),
        ];

        return array_sum(
            array_map(fn (string $purpose, int $weight) => $weight * $sees[$purpose], array_keys($this->of), $this->of),
        );
    }
}
