<?php

declare(strict_types=1);

namespace YokeLine\Holding;

/**
 * One lag or wood screw, as the National Design Specification 2018 and the general dowel equations of Technical Report
 * 12 reckon it.
 * Lengths in mm, forces in N; the equations themselves are in inches and pounds.
 */
final readonly class Dowel
{
    public const MM = 25.4;

    private const N_PER_LB = 4.4482216;

    /** Load duration of the leaning case, which every allowable is given with. */
    private const DURATION = 1.6;

    private const STEEL_PSI = 87_000.0;

    private function __construct(
        public float $diameter,
        private float $root,
        private float $yield,
        private bool $isLag,
    ) {}

    /**
     * @param  float  $diameter  nominal, mm
     * @param  ?float  $root  mm, where it is known
     */
    public static function lag(float $diameter, ?float $root = null): self
    {
        $inches = $diameter / self::MM;

        return new self(
            $diameter,
            $root ?? 0.72 * $diameter,
            $inches < 0.28 ? 70_000 : ($inches < 0.344 ? 60_000 : 45_000),
            true,
        );
    }

    /**
     * @param  float  $diameter  nominal, mm
     * @param  ?float  $root  mm, where it is known
     */
    public static function woodScrew(float $diameter, ?float $root = null): self
    {
        $inches = $diameter / self::MM;

        return new self(
            $diameter,
            $root ?? 0.8 * $diameter,
            match (true) {
                $inches <= 0.142 => 90_000,
                $inches <= 0.177 => 80_000,
                $inches <= 0.237 => 70_000,
                $inches <= 0.273 => 60_000,
                default => 45_000,
            },
            false,
        );
    }

    /** Where its tip begins to narrow, from the head: what is past it does not count. */
    public function shoulder(float $length): float
    {
        return $length - 0.6 * $this->diameter;
    }

    /** Where a lag's thread begins, from the head. */
    public function threadStart(float $length): float
    {
        return $length / 2 - 12.7;
    }

    /** Allowable withdrawal, N for each mm of thread in wood of that gravity. NDS 12.2. */
    public function withdrawal(float $gravity): float
    {
        $inches = $this->diameter / self::MM;
        $poundsPerInch = $this->isLag ? 1800 * $gravity ** 1.5 * $inches ** 0.75 : 2850 * $gravity ** 2 * $inches;

        return ($poundsPerInch / self::MM) * self::N_PER_LB * self::DURATION;
    }

    /** Bearing of what the main member is, psi: across the grain in boards and lintels, along it in studs. */
    public function bearing(Wood $wood, bool $across): float
    {
        $inches = $this->diameter / self::MM;

        return $across ? $wood->across($inches) : $wood->along($inches);
    }

    public static function steel(): float
    {
        return self::STEEL_PSI;
    }

    /**
     * Allowable lateral load, N, and the yield mode that rules. Technical Report 12, table 1-1; NDS table 12.3.1B for
     * the reduction.
     *
     * @param  float  $sideBearing  psi
     * @param  float  $side  length of the side member, mm
     * @param  float  $mainBearing  psi
     * @param  float  $main  length in the main member, mm
     * @param  float  $gap  between them, mm
     * @param  float  $angle  of the load to the grain, degrees
     * @return array{float, string}
     */
    public function lateral(
        float $sideBearing,
        float $side,
        float $mainBearing,
        float $main,
        float $gap,
        float $angle,
    ): array {
        $root = $this->root / self::MM;
        [$ls, $lm, $g] = [$side / self::MM, $main / self::MM, $gap / self::MM];
        [$qs, $qm] = [$sideBearing * $root, $mainBearing * $root];
        $m = ($this->yield * $root ** 3) / 6;
        $yields = [
            'Im' => $qm * $lm,
            'Is' => $qs * $ls,
            'II' => self::root(
                1 / (4 * $qs) + 1 / (4 * $qm),
                $ls / 2 + $g + $lm / 2,
                (-$qs * $ls ** 2) / 4 - ($qm * $lm ** 2) / 4,
            ),
            'IIIm' => self::root(1 / (2 * $qs) + 1 / (4 * $qm), $g + $lm / 2, -$m - ($qm * $lm ** 2) / 4),
            'IIIs' => self::root(1 / (4 * $qs) + 1 / (2 * $qm), $ls / 2 + $g, (-$qs * $ls ** 2) / 4 - $m),
            'IV' => self::root(1 / (2 * $qs) + 1 / (2 * $qm), $g, -2 * $m),
        ];
        $best = [INF, ''];
        foreach ($yields as $mode => $pounds) {
            $allowed = ($pounds / $this->reduction($mode, $angle)) * self::N_PER_LB * self::DURATION;
            if ($allowed < $best[0]) {
                $best = [$allowed, $mode];
            }
        }

        return $best;
    }

    private function reduction(string $mode, float $angle): float
    {
        $byAngle = 1 + $angle / 360;
        $root = $this->root / self::MM;
        if ($root < 0.25) {
            return ($root <= 0.17 ? 2.2 : 10 * $root + 0.5) * ($this->diameter / self::MM >= 0.25 ? $byAngle : 1);
        }

        return (['Im' => 4.0, 'Is' => 4.0, 'II' => 3.6][$mode] ?? 3.2) * $byAngle;
    }

    private static function root(float $a, float $b, float $c): float
    {
        return (-$b + sqrt($b * $b - 4 * $a * $c)) / (2 * $a);
    }
}
