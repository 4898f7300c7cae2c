<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Measure\Length;

/** One board of an infill at 45 degrees. */
final readonly class Course
{
    /**
     * @param  Length  $long  tip to tip
     * @param  array{Length, Length}  $edges  how long its two edges are, the shorter first
     * @param  float  $low  how far from the middle line it begins, mm
     * @param  float  $high  where it ends
     * @param  bool  $isSlanted  its ends are parallel
     */
    public function __construct(
        public Length $long,
        public Length $width,
        public array $edges,
        public bool $isSlanted,
        public float $low,
        public float $high,
    ) {}
}
