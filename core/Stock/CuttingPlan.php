<?php

declare(strict_types=1);

namespace YokeLine\Stock;

use YokeLine\Measure\Length;

/** Bars to buy and how to cut them, with how good that is. */
final readonly class CuttingPlan
{
    /**
     * @param  list<Bar>  $bars
     * @param  int  $bound  no plan has fewer bars
     * @param  Length  $boughtBound  nor, with so many, buys less
     * @param  bool  $isProved  whether no plan has fewer bars, nor buys less with so many
     * @param  bool  $isRestProved  whether none that buys so little leaves a longer off-cut
     */
    public function __construct(
        public array $bars,
        public int $bound,
        public Length $boughtBound,
        public bool $isProved,
        public bool $isRestProved,
    ) {}

    /** The same where not every way of jointing was weighed. */
    public function unproved(): self
    {
        return new self($this->bars, $this->bound, $this->boughtBound, false, false);
    }

    public function bought(): Length
    {
        return array_reduce($this->bars, fn (Length $sum, Bar $bar) => $sum->plus($bar->stock), Length::zero());
    }

    public function longestOffcut(): Length
    {
        return $this->bars === []
            ? Length::zero()
            : Length::greatest(...array_map(fn (Bar $bar) => $bar->offcut, $this->bars));
    }

    /** What is bought and not used: off-cuts, kerfs, trimmed ends. */
    public function waste(): Length
    {
        return array_reduce(
            $this->bars,
            fn (Length $left, Bar $bar) => $left->minus(...array_column($bar->pieces, 'length')),
            $this->bought(),
        );
    }
}
