<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Measure\Length;

/**
 * The rail line as it was built: how much higher than planned at each place, straight between readings, the ends
 * carried on.
 */
final readonly class Line
{
    /**
     * @param  non-empty-list<array{Length, Length}>  $readings  place and height, ascending; two at least, at different
     * places
     */
    private function __construct(private array $readings) {}

    /** @param  list<array{Length, Length}>  $readings  in any order */
    public static function through(array $readings): ?self
    {
        usort($readings, fn (array $a, array $b) => $a[0]->nm <=> $b[0]->nm);
        foreach ($readings as $i => [$x]) {
            if ($i > 0 && $x->equals($readings[$i - 1][0])) {
                return null;
            }
        }

        return count($readings) < 2 ? null : new self($readings);
    }

    /** r(x) */
    public function at(Length $x): Length
    {
        [$from, $to] = $this->stretch($x);

        return $from[1]->plus($to[1]->minus($from[1])->scaled($x->minus($from[0])->nm, $to[0]->minus($from[0])->nm));
    }

    /** Its slope at x, mm per m, rising to the right; at a reading that of the stretch to its right, or to its left. */
    public function slope(Length $x, bool $toTheRight = true): float
    {
        [$from, $to] = $this->stretch($x, $toTheRight);

        return (1000 * $to[1]->minus($from[1])->nm) / $to[0]->minus($from[0])->nm;
    }

    /** @return list<Length> where it can bend */
    public function bends(): array
    {
        return array_map(fn (array $reading) => $reading[0], array_slice($this->readings, 1, -1));
    }

    /** The mean of what was read: how much too high it is where it is level. */
    public function mean(): Length
    {
        $count = count($this->readings);

        return array_reduce(
            $this->readings,
            fn (Length $sum, array $reading) => $sum->plus($reading[1]),
            Length::zero(),
        )->scaled(1, $count);
    }

    /** @return array{array{Length, Length}, array{Length, Length}} */
    private function stretch(Length $x, bool $toTheRight = true): array
    {
        $last = count($this->readings) - 1;
        for ($i = 1; $i < $last; $i++) {
            if ($toTheRight ? $x->isUnder($this->readings[$i][0]) : ! $x->isOver($this->readings[$i][0])) {
                break;
            }
        }

        return [$this->readings[$i - 1], $this->readings[min($i, $last)]];
    }
}
