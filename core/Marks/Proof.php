<?php

declare(strict_types=1);

namespace YokeLine\Marks;

use YokeLine\Measure\Length;
use YokeLine\Planning\Plan;

/**
 * Another way of finding the yoke line: what to expect, and what a reading says of the line that is drawn.
 * How sure a reading is, is the root of the squares of the plus-minus of all that goes into it.
 */
final readonly class Proof
{
    /** @param  float  $sure  plus-minus, mm */
    private function __construct(public string $way, public Length $expected, private int $sign, public float $sure) {}

    /** Where the line is proved: where it was said, else at the high spot. */
    public static function place(Plan $plan): Length
    {
        return $plan->doorway->marking->provedAt ?? Heights::highSpot($plan);
    }

    /** So thick that the leaf stands on it as high as it will hang, where the line is proved. */
    public static function packingToTheLine(Plan $plan): Length
    {
        return $plan->gapAt(self::place($plan));
    }

    /** So high that it reaches from the top of the casing over the head to the line, where it is proved. */
    public static function templateHeight(Plan $plan): Length
    {
        return self::casing($plan, self::place($plan))->expected;
    }

    /** The leaf stands on packing at x: from its top to the line. */
    public static function packing(Plan $plan, Length $x, Length $packing): self
    {
        $by = $plan->doorway->marking->plusMinus;

        return new self(
            'packing',
            $plan->kit->rise->plus($plan->heights->gap->low)->minus($plan->floor->at($x), $packing),
            1,
            self::rss($by->tape, $by->level, $by->leaf, $by->kit, $by->tape),
        );
    }

    /** Leaf and rail laid on the floor: from the leaf's foot to the hole centre. */
    public static function laidOut(Plan $plan): self
    {
        $by = $plan->doorway->marking->plusMinus;

        return new self(
            'laid-out',
            $plan->heights->leaf->size->total->plus($plan->kit->rise),
            -1,
            self::rss($by->tape, $by->leaf, $by->kit),
        );
    }

    /** A template stood on the casing at x: from the casing's top to the line. */
    public static function casing(Plan $plan, Length $x): self
    {
        $by = $plan->doorway->marking->plusMinus;

        return new self(
            'casing',
            $plan->yokeLine()->minus(self::headAt($plan, $x), $plan->room->opening->casing->head),
            1,
            self::rss($by->tape, $by->tape, $by->tape, $by->level),
        );
    }

    /** A gauge block hung under a wheel at x: from the floor to the block's foot. */
    public static function gaugeBlock(Plan $plan, Length $x): self
    {
        $by = $plan->doorway->marking->plusMinus;

        return new self(
            'gauge-block',
            $plan->heights->gap->low->minus($plan->floor->at($x))->plus($plan->heights->leaf->size->total),
            1,
            self::rss($by->tape, $by->level, $by->hole, $by->kit),
        );
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

    /** @return 'agrees'|'look-again'|'wrong' */
    public function verdict(Length $read): string
    {
        $off = abs($this->tooHigh($read)->toMm());

        return $off <= $this->sure ? 'agrees' : ($off <= 2 * $this->sure ? 'look-again' : 'wrong');
    }

    /** The head of the opening at x, straight between where it was measured. */
    private static function headAt(Plan $plan, Length $x): Length
    {
        $opening = $plan->room->opening;
        $tops = array_map(
            fn (array $at) => [$at[0], $opening->heights[$at[1]]->plus($plan->floor->at($at[0]))],
            $opening->heightPlaces(),
        );
        for ($i = 0; $i < count($tops) - 1; $i++) {
            if (! $x->isOver($tops[$i + 1][0])) {
                $run = $tops[$i + 1][0]->minus($tops[$i][0]);

                return $tops[$i][1]->plus(
                    $tops[$i + 1][1]->minus($tops[$i][1])->scaled($x->minus($tops[$i][0])->nm, $run->nm),
                );
            }
        }

        return $tops[count($tops) - 1][1];
    }

    private static function rss(Length ...$parts): float
    {
        return sqrt(array_sum(array_map(fn (Length $part) => $part->toMm() ** 2, $parts)));
    }
}
