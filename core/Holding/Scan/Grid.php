<?php

declare(strict_types=1);

namespace YokeLine\Holding\Scan;

/** The spacing that most studs of a wall keep, if any; mm. */
final readonly class Grid
{
    private const SPACINGS = [400.0, 406.4, 487.7, 600.0, 609.6];

    private const NEAR_MM = 10.0;

    private const JAMB_MM = 60.0;

    /** @param  list<float>  $lookAgain  places on it where nothing was found */
    private function __construct(public float $spacing, public float $phase, public array $lookAgain) {}

    /**
     * @param  list<FoundStud>  $studs
     * @param  ?array{float, float}  $opening
     */
    public static function of(array $studs, ?array $opening): ?self
    {
        $voters = array_values(
            array_filter(
                array_map(fn (FoundStud $stud) => $stud->x, $studs),
                fn (float $x) => $opening === null ||
                    (abs($x - $opening[0]) > self::JAMB_MM && abs($x - $opening[1]) > self::JAMB_MM),
            ),
        );
        if (count($voters) < 3) {
            return null;
        }
        $best = null;
        foreach (self::SPACINGS as $spacing) {
            foreach ($voters as $seed) {
                $on = self::on($voters, $spacing, $seed);
                $phase =
                    $seed + array_sum(array_map(fn (float $x) => self::off($x, $spacing, $seed), $on)) / count($on);
                $on = self::on($voters, $spacing, $phase);
                if ($on === []) {
                    continue;
                }
                $empty = self::empty($voters, $spacing, $phase, $opening);
                $rms = sqrt(
                    array_sum(array_map(fn (float $x) => self::off($x, $spacing, $phase) ** 2, $on)) / count($on),
                );
                $score = count($on) - 0.5 * count($empty) - $rms / 8;
                if ($best === null || $score > $best['score'] + 1e-9) {
                    $best = [
                        'score' => $score,
                        'spacing' => $spacing,
                        'phase' => $phase,
                        'on' => count($on),
                        'empty' => $empty,
                    ];
                }
            }
        }

        return $best === null || $best['on'] < 3 || $best['on'] < 0.6 * count($voters)
            ? null
            : new self(
                $best['spacing'],
                fmod(fmod($best['phase'], $best['spacing']) + $best['spacing'], $best['spacing']),
                $best['empty'],
            );
    }

    public function has(float $x): bool
    {
        return abs(self::off($x, $this->spacing, $this->phase)) <= self::NEAR_MM;
    }

    private static function off(float $x, float $spacing, float $phase): float
    {
        return $x - $phase - $spacing * round(($x - $phase) / $spacing);
    }

    /**
     * @param  list<float>  $voters
     * @return list<float>
     */
    private static function on(array $voters, float $spacing, float $phase): array
    {
        return array_values(
            array_filter($voters, fn (float $x) => abs(self::off($x, $spacing, $phase)) <= self::NEAR_MM),
        );
    }

    /**
     * @param  non-empty-list<float>  $voters
     * @param  ?array{float, float}  $opening
     * @return list<float>
     */
    private static function empty(array $voters, float $spacing, float $phase, ?array $opening): array
    {
        $empty = [];
        $first = (int) ceil((min($voters) - $phase) / $spacing - 1e-6);
        $last = (int) floor((max($voters) - $phase) / $spacing + 1e-6);
        for ($k = $first; $k <= $last; $k++) {
            $x = $phase + $k * $spacing;
            $found = array_filter($voters, fn (float $voter) => abs($voter - $x) <= self::NEAR_MM) !== [];
            $open = $opening !== null && $x > $opening[0] - self::JAMB_MM && $x < $opening[1] + self::JAMB_MM;
            if (! $found && ! $open) {
                $empty[] = $x;
            }
        }

        return $empty;
    }
}
