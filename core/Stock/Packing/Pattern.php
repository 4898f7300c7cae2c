<?php

declare(strict_types=1);

namespace YokeLine\Stock\Packing;

/** What is cut from one bar. */
final readonly class Pattern
{
    /**
     * @param  int  $loss  of worth, nm
     * @param  int  $stock  length of the bar, nm
     * @param  array<int, int>  $counts  of each size in it
     * @param  bool  $isFull  whether no piece more would fit
     */
    public function __construct(
        public int $loss,
        public int $stock,
        public array $counts,
        public bool $isFull = true,
    ) {}
}
