<?php

declare(strict_types=1);

namespace YokeLine\Work\Day;

/**
 * No plan of these steps with this crew ends sooner: by the longest way, by the crew's hours, by what takes two, by one
 * wall.
 */
final readonly class Bound
{
    private function __construct(public int $path, public int $work, public int $together, public int $wall) {}

    public function end(): int
    {
        return max($this->path, $this->work, $this->together, $this->wall);
    }

    public static function of(Steps $steps): self
    {
        $tails = $steps->tails();
        $heads = $steps->heads();
        $anyone = Capacity::together($steps->hours, 1);

        return new self(
            max([
                0,
                ...array_map(
                    fn (int $head, int $minutes, int $tail) => $head + $minutes + $tail,
                    $heads,
                    $steps->minutes,
                    $tails,
                ),
            ]),
            self::filled($steps, array_keys($heads), $heads, $tails, Capacity::each($steps->hours), isEach: true),
            self::filled($steps, $steps->apart(), $heads, $tails, Capacity::together($steps->hours, 2)),
            max([
                0,
                ...array_map(
                    fn (array $which) => self::filled($steps, $which, $heads, $tails, $anyone),
                    $steps->byWall(),
                ),
            ]),
        );
    }

    /**
     * Over every head h and tail q: when the steps that begin no sooner and end no later have had their minutes, and q
     * after that.
     *
     * @param  list<int>  $which
     * @param  array<int, int>  $heads
     * @param  array<int, int>  $tails
     */
    private static function filled(
        Steps $steps,
        array $which,
        array $heads,
        array $tails,
        Capacity $capacity,
        bool $isEach = false,
    ): int {
        $best = 0;
        usort($which, fn (int $a, int $b) => $tails[$b] <=> $tails[$a]);
        foreach (array_unique(array_map(fn (int $step) => $heads[$step], $which)) as $head) {
            $done = $capacity->till($head);
            foreach ($which as $step) {
                if ($heads[$step] >= $head) {
                    $done += $steps->minutes[$step] * ($isEach ? $steps->people[$step] : 1);
                    $best = max($best, $capacity->when($done) + $tails[$step]);
                }
            }
        }

        return $best;
    }
}
