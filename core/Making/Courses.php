<?php

declare(strict_types=1);

namespace YokeLine\Making;

use YokeLine\Doorway\Made\Board;
use YokeLine\Measure\Length;

/**
 * Boards at 45 degrees over an opening A wide and B high, as courses beside each other on both sides of the middle line
 * s = 0, the outer two cut at ±S, S = (A + B)/√8.
 */
final readonly class Courses
{
    /** A micrometre is no reason for one more. */
    private const SPARE = 1e-6;

    /**
     * @param  non-empty-list<Course>  $courses
     * @param  list<Fault>  $faults
     */
    private function __construct(public array $courses, public array $faults) {}

    /** @param  string  $where  the board's place in the document */
    public static function over(Length $a, Length $b, Board $board, Length $gap, Sizes $sizes, string $where): self
    {
        [$across, $up, $wide, $apart] = [$a->toMm(), $b->toMm(), $board->width->toMm(), $gap->toMm()];
        $half = ($across + $up) / sqrt(8);
        $count = max(1, (int) ceil((2 * $half + $apart) / ($wide + $apart) - self::SPARE));
        $from = -($count * $wide + ($count - 1) * $apart) / 2;
        $courses = [];
        for ($i = 0; $i < $count; $i++) {
            $low = max(-$half, $from + $i * ($wide + $apart));
            $high = min($half, $from + $i * ($wide + $apart) + $wide);
            $courses[] = self::course($across, $up, $low, $high);
        }
        $outer = $courses[0]->width;
        $least = $sizes->size(UsualSize::Sliver);

        return new self(
            $courses,
            $outer->isUnder($least)
                ? [Fault::note('sliver', "{$where}.width", ['outer' => $outer, 'least' => $least])]
                : [],
        );
    }

    private static function course(float $a, float $b, float $low, float $high): Course
    {
        $to = fn (float $s) => min($a / M_SQRT2 - $s, $b / M_SQRT2 + $s);
        // It reaches furthest where both sides of the opening meet, or at the edge that is nearest to there.
        $furthest = fn (float $from, float $till) => $to(max($from, min($till, ($a - $b) / sqrt(8))));
        $edges = [$to($low) + $to(-$low), $to($high) + $to(-$high)];
        sort($edges);
        $slanted = abs($a - $b) / sqrt(8) + self::SPARE;

        return new Course(
            self::length($furthest($low, $high) + $furthest(-$high, -$low)),
            self::length($high - $low),
            [self::length(max(0.0, $edges[0])), self::length($edges[1])],
            $low >= -$slanted && $high <= $slanted,
            $low,
            $high,
        );
    }

    private static function length(float $mm): Length
    {
        return Length::nm((int) round($mm * 1e6));
    }
}
