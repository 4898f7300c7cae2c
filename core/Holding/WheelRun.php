<?php

declare(strict_types=1);

namespace YokeLine\Holding;

/**
 * The two wheels of one leaf on their way: the left one from `from` to `to`, the other `spacing` to the right of it;
 * mm.
 */
final readonly class WheelRun
{
    public function __construct(public string $leaf, public float $from, public float $to, public float $spacing) {}
}
