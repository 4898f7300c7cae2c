<?php

declare(strict_types=1);

namespace YokeLine\Holding;

/**
 * The wheels of one leaf on their way: the left one from `from` to `to`, the right one `spacing` from it, others even
 * between; mm.
 */
final readonly class WheelRun
{
    /** @var non-empty-list<list<array{float, float}>> by case: how far from the left wheel, what part of the mass */
    public array $cases;

    /** @param  non-empty-list<non-empty-list<float>>  $shares  by case, of what hangs, by wheel from the left */
    public function __construct(
        public string $leaf,
        public float $from,
        public float $to,
        public float $spacing,
        array $shares = [[0.5, 0.5]],
    ) {
        $this->cases = array_map(fn (array $case) => $this->wheels($case), $shares);
    }

    /**
     * @param  non-empty-list<float>  $shares
     * @return list<array{float, float}> those that bear
     */
    private function wheels(array $shares): array
    {
        $wheels = array_map(
            fn (int $i, float $share) => [($this->spacing * $i) / (count($shares) - 1), $share],
            array_keys($shares),
            $shares,
        );

        return array_values(array_filter($wheels, fn (array $wheel) => $wheel[1] > 0));
    }
}
