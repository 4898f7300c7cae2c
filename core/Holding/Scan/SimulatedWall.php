<?php

declare(strict_types=1);

namespace YokeLine\Holding\Scan;

use YokeLine\Measure\SeededRandom;

/**
 * A made-up wall with a hidden inside, and what a scanner would send of it: a stand-in for an instrument on a real one.
 */
final readonly class SimulatedWall
{
    private const STEP_MM = 5.0;

    /** At which it is swept. */
    public const HEIGHTS = [500.0, 1200.0, 1900.0];

    /**
     * @param  array{float, float}  $wall
     * @param  array{float, float}  $opening
     * @param  list<array{x: float, width: float}>  $studs
     * @param  list<float>  $pipes
     * @param  list<array{x: float, live: bool}>  $cables
     * @param  ?array{height: float, from: float, to: float}  $noggin
     */
    private function __construct(
        public int $seed,
        public array $wall,
        public array $opening,
        public array $studs,
        public array $pipes,
        public array $cables,
        public ?array $noggin,
        private float $lag,
        private float $noise,
    ) {}

    public static function seeded(int $seed): self
    {
        $chance = new SeededRandom($seed);
        $long = round($chance->between(3600, 5400));
        $from = round($chance->between(700, 1500));

        return self::inside($seed, $chance, [0.0, $long], [$from, $from + round($chance->between(720, 1000))]);
    }

    /**
     * A wall that is drawn already, with a hidden inside of its own.
     *
     * @param  array{float, float}  $wall
     * @param  array{float, float}  $opening
     */
    public static function of(int $seed, array $wall, array $opening): self
    {
        return self::inside($seed, new SeededRandom($seed), $wall, $opening);
    }

    /**
     * A wall whose inside is known.
     *
     * @param  array{float, float}  $wall
     * @param  array{float, float}  $opening
     * @param  list<array{x: float, width: float}>  $studs
     * @param  list<float>  $cables  live ones
     */
    public static function holding(int $seed, array $wall, array $opening, array $studs, array $cables): self
    {
        $chance = new SeededRandom($seed);

        return new self(
            $seed,
            $wall,
            $opening,
            $studs,
            [],
            array_map(fn (float $x) => ['x' => $x, 'live' => true], $cables),
            null,
            $chance->between(0, 6),
            $chance->between(0.8, 2.2),
        );
    }

    /**
     * @param  array{float, float}  $wall
     * @param  array{float, float}  $opening
     */
    private static function inside(int $seed, SeededRandom $chance, array $wall, array $opening): self
    {
        [$start, $long] = $wall;
        $spacing = $chance->one([400.0, 406.4, 487.7, 600.0, 609.6]);
        $studs = [];
        for ($x = $start + $chance->between(60, $spacing); $x < $long - 60; $x += $spacing) {
            $near = $x > $opening[0] - 130 && $x < $opening[1] + 130;
            if (! $near && ! $chance->is(0.06)) {
                $studs[] = [
                    'x' => $x + ($chance->is(0.08) ? $chance->between(-60, 60) : $chance->noise(1.0)),
                    'width' => 38.0,
                ];
            }
        }
        $studs[] = ['x' => $opening[0] - 38, 'width' => 76.0];
        $studs[] = ['x' => $opening[1] + 38, 'width' => 76.0];
        usort($studs, fn (array $a, array $b) => $a['x'] <=> $b['x']);
        $free = fn (float $x) => array_filter($studs, fn (array $stud) => abs($stud['x'] - $x) < 110) === [] &&
            ($x < $opening[0] - 80 || $x > $opening[1] + 80);
        $pipes = $cables = [];
        foreach ([0.5, 0.3] as $probability) {
            $x = $chance->between($start + 150, $long - 150);
            if ($chance->is($probability) && $free($x)) {
                $pipes[] = $x;
            }
        }
        $x = $chance->between($start + 150, $long - 150);
        if ($chance->is(0.7) && $free($x) && array_filter($pipes, fn (float $pipe) => abs($pipe - $x) < 150) === []) {
            $cables[] = ['x' => $x, 'live' => true];
        }
        $noggin = $chance->is(0.3) ? ['height' => 1200.0, 'from' => $studs[0]['x'], 'to' => $studs[1]['x']] : null;

        return new self(
            $seed,
            $wall,
            $opening,
            $studs,
            $pipes,
            $cables,
            $noggin,
            $chance->between(0, 6),
            $chance->between(0.8, 2.2),
        );
    }

    /** Swept both ways at three heights. */
    public function trace(): Trace
    {
        $sweeps = [];
        foreach (self::HEIGHTS as $height) {
            foreach ([true, false] as $forward) {
                $sweeps[] = $this->sweep($height, $forward);
            }
        }

        return new Trace($sweeps);
    }

    public function sweep(float $height, bool $forward): Sweep
    {
        $chance = new SeededRandom($this->seed * 31 + (int) $height * 2 + ($forward ? 1 : 0));
        [$base, $wave, $phase] = [$chance->between(12, 26), $chance->between(3, 9), $chance->between(0, 6.28)];
        $strength = $chance->between(55, 95);
        $rows = [];
        for ($x = $this->wall[0]; $x <= $this->wall[1]; $x += self::STEP_MM) {
            if ($x > $this->opening[0] && $x < $this->opening[1]) {
                continue;
            }
            $at = $x - ($forward ? $this->lag : -$this->lag);
            $density = $base + $wave * sin($at / 900 + $phase) + $chance->noise($this->noise);
            foreach ($this->studs as $stud) {
                $density += $strength * self::seen($at - $stud['x'], $stud['width'] / 2);
                if (abs($at - $stud['x']) < 3 && $chance->is(0.25)) {
                    $density += 60;
                }
            }
            foreach ($this->pipes as $pipe) {
                $density += 0.8 * $strength * self::seen($at - $pipe, 14.0);
            }
            if (
                $this->noggin !== null &&
                $height === $this->noggin['height'] &&
                $at > $this->noggin['from'] &&
                $at < $this->noggin['to']
            ) {
                $density += 0.7 * $strength;
            }
            $field = 3.5 + abs($chance->noise(0.7));
            foreach ($this->cables as $cable) {
                $field += $cable['live'] ? 60 / (1 + (($at - $cable['x']) / 22) ** 2) : 0;
                $density += 6 * self::seen($at - $cable['x'], 5.0);
            }
            $rows[] = ['x' => $x, 'density' => max(0.0, $density), 'ac' => $field];
        }

        assert($rows !== []);

        return Sweep::of($height, $forward ? $rows : array_reverse($rows), 25.0);
    }

    /** What a head of some width feels of an edge: a ramp over about 12 mm. */
    private static function seen(float $off, float $half): float
    {
        return min(1.0, max(0.0, ($half + 6 - abs($off)) / 12));
    }
}
