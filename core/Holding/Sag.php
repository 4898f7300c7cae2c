<?php

declare(strict_types=1);

namespace YokeLine\Holding;

/**
 * How far a rail bends under one leaf, static, the rail alone; mm.
 *
 * Between the places where a wheel passes a fixing, a joint or an end the deflection is smooth in where the leaf
 * stands, and at any such place
 * a cubic piece by piece along the rail: each stretch is looked through by itself, and the top of each cubic is found
 * exactly.
 */
final readonly class Sag
{
    /** So many places of the leaf in each stretch, its ends included. */
    private const PLACES = 5;

    /** Each round narrows the stretch round the worst place to a half. */
    private const ROUNDS = 9;

    /** What is wanted at the most, whatever the span. */
    private const MOST_MM = 1.5;

    private const SPANS_A_BEND = 360;

    /**
     * @param  float  $greatest  mm, downwards
     * @param  float  $at  where along the wall
     * @param  float  $leftWheelAt  where the left wheel stands then
     * @param  float  $span  between the fixings there; past the last fixing, how far the rail goes on under a wheel
     * @param  bool  $isFree  past the last fixing
     */
    private function __construct(
        public float $greatest,
        public float $at,
        public float $leftWheelAt,
        public float $span,
        private bool $isFree,
    ) {}

    /** Under so many times the load. */
    public function times(float $by): self
    {
        return new self($this->greatest * $by, $this->at, $this->leftWheelAt, $this->span, $this->isFree);
    }

    public function limit(): float
    {
        return self::limitOver($this->span, $this->isFree);
    }

    /** What a rail may bend over a span, mm; past the last fixing over twice as much as goes on. */
    public static function limitOver(float $span, bool $isFree = false): float
    {
        return min(self::MOST_MM, (($isFree ? 2 : 1) * $span) / self::SPANS_A_BEND);
    }

    /** How much of what it may bend it bends. */
    public function share(): float
    {
        return $this->greatest / $this->limit();
    }

    public function isOver(): bool
    {
        return $this->share() > 1;
    }

    /**
     * The greatest bend, and the one that is most of what it may be: a short end may bend less than a long span does.
     *
     * @param  list<float>  $supports  ascending, at least two
     * @param  float  $hung  what hangs on the leaf's wheels, N
     * @param  float  $stiffness  E I, N mm²
     * @return ?array{self, self} null where the leaf never is on this piece of the rail
     */
    public static function of(
        array $supports,
        float $low,
        float $high,
        WheelRun $run,
        float $hung,
        float $stiffness,
    ): ?array {
        $beam = new Beam($supports, $stiffness);
        $greatest = $worst = null;
        foreach ($run->cases as $wheels) {
            $known = [];
            $at = function (float $s) use ($beam, $low, $high, $wheels, $hung, &$known): array {
                return $known["{$s}"] ??= array_map(
                    fn (array $bend) => new self($bend[0], $bend[1], $s, $bend[2], $bend[3]),
                    $beam->bends(self::loads($wheels, $hung, $s, $low, $high)),
                );
            };
            foreach (self::stretches($supports, $low, $high, $run, $wheels) as [$from, $to]) {
                $greatest = self::best($at, $from, $to, fn (self $sag) => $sag->greatest, $greatest);
                $worst = self::best($at, $from, $to, fn (self $sag) => $sag->share(), $worst);
            }
        }

        return $greatest === null || $worst === null ? null : [$greatest, $worst];
    }

    /**
     * @param  list<array{float, float}>  $wheels
     * @return list<array{float, float}> where they stand on this piece, and what they weigh
     */
    private static function loads(array $wheels, float $hung, float $leftWheel, float $low, float $high): array
    {
        $loads = array_map(fn (array $wheel) => [$leftWheel + $wheel[0], $wheel[1] * $hung], $wheels);

        return array_values(array_filter($loads, fn (array $load) => $load[0] >= $low && $load[0] <= $high));
    }

    /**
     * @param  list<float>  $supports
     * @param  list<array{float, float}>  $wheels
     * @return list<array{float, float}> of the left wheel's way, between which no wheel passes anything
     */
    private static function stretches(array $supports, float $low, float $high, WheelRun $run, array $wheels): array
    {
        $turns = [$run->from, $run->to];
        foreach ([$low, ...$supports, $high] as $x) {
            foreach ($wheels as [$offset]) {
                $s = $x - $offset;
                if ($s > $run->from && $s < $run->to) {
                    $turns[] = $s;
                }
            }
        }
        sort($turns);

        return array_map(fn (int $i) => [$turns[$i], $turns[$i + 1]], range(0, count($turns) - 2));
    }

    /**
     * @param  callable(float): list<self>  $at
     * @param  callable(self): float  $weight
     */
    private static function best(callable $at, float $from, float $to, callable $weight, ?self $best): ?self
    {
        $found = null;
        $look = function (float $s) use ($at, $weight, &$found): void {
            foreach ($at($s) as $sag) {
                $found = $found === null || $weight($sag) > $weight($found) ? $sag : $found;
            }
        };
        for ($i = 0; $i < self::PLACES; $i++) {
            $look($from + ($to - $from) * ($i / (self::PLACES - 1)));
        }
        $step = ($to - $from) / (self::PLACES - 1);
        for (
            $round = 0;
            $round < self::ROUNDS && $found !== null && ($best === null || $weight($found) > 0.9 * $weight($best));
            $round++
        ) {
            $step /= 2;
            $centre = $found->leftWheelAt;
            $look(max($from, $centre - $step));
            $look(min($to, $centre + $step));
        }

        return $found !== null && ($best === null || $weight($found) > $weight($best)) ? $found : $best;
    }
}
