<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;

/**
 * Another way of finding the yoke line: what to expect, and what a reading says of the line that is drawn.
 *
 * How sure a reading is, is the root of the squares of what goes into it: tape 1, level 1, leaf 1.5, hole 1, kit 0.5.
 */
final readonly class Proof
{
    private const TAPE = 1.0;

    private const LEVEL = 1.0;

    private const LEAF = 1.5;

    private const HOLE = 1.0;

    private const KIT = 0.5;

    /** @param  float  $sure  plus-minus, mm */
    private function __construct(public string $way, public Length $expected, private int $sign, public float $sure) {}

    /** The leaf stands on packing at x: from its top to the line. */
    public static function packing(Plan $plan, Length $x, Length $packing): self
    {
        return new self('packing', $plan->kit->rise->plus($plan->doorway->brief->rules->gap)->minus($plan->floor->at($x), $packing), 1, self::rss(self::TAPE, self::LEVEL, self::LEAF, self::KIT, self::TAPE));
    }

    /** Leaf and rail laid on the floor: from the leaf's foot to the hole centre. */
    public static function laidOut(Plan $plan): self
    {
        return new self('laid-out', $plan->heights->leaf->size->total->plus($plan->kit->rise), -1, self::rss(self::TAPE, self::LEAF, self::KIT));
    }

    /** A template stood on the casing at x: from the casing's top to the line. */
    public static function casing(Plan $plan, Length $x): self
    {
        return new self('casing', $plan->yokeLine()->minus(self::headAt($plan, $x), $plan->room->opening->casing->head), 1, self::rss(self::TAPE, self::TAPE, self::TAPE, self::LEVEL));
    }

    /** A gauge block hung under a wheel at x: from the floor to the block's foot. */
    public static function gaugeBlock(Plan $plan, Length $x): self
    {
        return new self('gauge-block', $plan->doorway->brief->rules->gap->minus($plan->floor->at($x))->plus($plan->heights->leaf->size->total), 1, self::rss(self::TAPE, self::LEVEL, self::HOLE, self::KIT));
    }

    /** How long the block is: from the wheel's tread down to where the leaf's top will be. */
    public static function blockLength(Plan $plan): Length
    {
        return $plan->kit->rise->plus($plan->kit->rail->height->half());
    }

    /** How much too high the line is. */
    public function tooHigh(Length $read): Length
    {
        return $read->minus($this->expected)->times($this->sign);
    }

    /** @return 'agrees'|'look again'|'wrong' */
    public function verdict(Length $read): string
    {
        $off = abs($this->tooHigh($read)->toMm());

        return $off <= $this->sure ? 'agrees' : ($off <= 2 * $this->sure ? 'look again' : 'wrong');
    }

    /** The head of the opening at x, straight between where it was measured. */
    private static function headAt(Plan $plan, Length $x): Length
    {
        $heights = $plan->room->opening->heights;
        $jambs = $plan->room->opening->span();
        $last = count($heights) - 1;
        $tops = [];
        foreach ($heights as $i => $height) {
            $at = $last === 0 ? $jambs->middle() : $jambs->low->plus($jambs->length()->scaled($i, $last));
            $tops[] = [$at, $height->plus($plan->floor->at($at))];
        }
        for ($i = 0; $i < count($tops) - 1; $i++) {
            if (! $x->isOver($tops[$i + 1][0])) {
                $run = $tops[$i + 1][0]->minus($tops[$i][0]);

                return $tops[$i][1]->plus($tops[$i + 1][1]->minus($tops[$i][1])->scaled($x->minus($tops[$i][0])->nm, $run->nm));
            }
        }

        return $tops[count($tops) - 1][1];
    }

    private static function rss(float ...$parts): float
    {
        return sqrt(array_sum(array_map(fn (float $part) => $part ** 2, $parts)));
    }
}
