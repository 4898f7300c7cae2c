<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Marks\AsShown;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Span;
use YokeLine\Measure\Wording;
use YokeLine\Planning\GuidePlace;
use YokeLine\Planning\LeafRun;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;

/**
 * The foot at a guide: cut through it with the floor as it is, and along the wall with the leaf's edges shut and open
 * over it.
 */
final readonly class AtGuide
{
    private const HIGH = 200;

    private const UP_MM = 80;

    /**
     * Heights are drawn so much larger than lengths where one looks along the wall, so that the floor's fall is seen.
     */
    public const TALLER = 3;

    private const WIDE = 430;

    /** @return list<array{Message, Scene}> cut through each guide, with what it is called */
    public static function cuts(Plan $plan, Wording $wording): array
    {
        return array_map(
            fn (string $guide) => [self::name($guide), self::cut($plan, $guide, $wording)],
            array_keys($plan->guides),
        );
    }

    public static function cut(Plan $plan, string $guide, Wording $wording): Scene
    {
        $cut = new FootCut($plan, $guide, Length::mm(self::UP_MM));
        $px = (self::UP_MM * 1.4) / self::HIGH;
        $front = $plan->outerDepth()->leafFront->total->toMm();
        $back = $plan->innerDepth()->leafBack->total->toMm();
        $gap = $plan->heights->gap->low;
        $said = AsShown::of($plan)->length('gap', $gap);
        $place = $cut->place();
        $floor = $cut->floor();
        $groove = $plan->kit->guide->style->needsGroove();
        $middle = $back + $plan->finFromBack()->toMm();
        $rows = [
            [
                $wording->say(Caption::of('gap-here', ['gap' => $said->minus($floor)])),
                $front,
                -$gap->plus($floor)->half()->toMm(),
                '',
            ],
            [
                $wording->say(Caption::of($groove ? 'bite' : 'holds', ['hold' => $place->hold->total])),
                $middle,
                -$gap->plus($place->hold->total->half())->toMm(),
                ' is-yoke',
            ],
            [
                $wording->say(
                    Caption::of('middle-of-leaf', [
                        'out' => $plan->innerDepth()->leafBack->total->plus($plan->finFromBack()),
                    ]),
                ),
                $middle,
                -self::UP_MM + 12.0,
                '',
            ],
        ];
        if ($place->grooveDepth !== null && $place->grooveWidth !== null) {
            $rows[] = [
                $wording->say(Caption::of('groove', ['deep' => $place->grooveDepth, 'wide' => $place->grooveWidth])),
                $middle + $place->grooveWidth->half()->toMm(),
                -$gap->plus($place->grooveDepth)->toMm(),
                '',
            ];
        }
        if (! $floor->isZero()) {
            $rows[] = [
                $wording->say(Caption::of('floor-below', ['by' => $floor->absolute()])),
                $front + 10,
                -$floor->toMm() + 4,
                '',
            ];
        }
        $right = $front + HeadCut::PAST_MM;
        $wide = max(array_map(fn (array $row) => Labels::width($row[0], 11), $rows)) * $px;
        $top = -(self::UP_MM + 6.0);

        return new Scene(
            'detail',
            $wording->say(Caption::of('cut-at-guide')),
            -HeadCut::WALL_MM - 4 * $px,
            $top,
            HeadCut::WALL_MM + $right + $wide + 28 * $px,
            24 - $top - $floor->toMm(),
            [...$cut->shapes(), ...Callouts::right($rows, $right + 14 * $px, 11 * $px)],
        );
    }

    /** @return list<array{Message, Scene}> each guide, with what it is called */
    public static function along(Plan $plan, Wording $wording): array
    {
        $found = [];
        foreach ($plan->guides as $name => $place) {
            if ($place->at !== null) {
                $runs = array_values(
                    array_map(
                        fn (PlannedLeaf $leaf) => $leaf->run,
                        array_filter($plan->leaves(), fn (PlannedLeaf $leaf) => $leaf->guideName === $name),
                    ),
                );
                $found[] = [self::name($name), self::run($plan, $runs, $place, $place->at, $wording)];
            }
        }

        return $found;
    }

    private static function name(string $guide): Message
    {
        return Caption::of($guide === 'guide' ? 'guide' : "guide-{$guide}");
    }

    /** @param  list<LeafRun>  $runs  the leaves that it holds */
    private static function run(Plan $plan, array $runs, GuidePlace $place, Length $at, Wording $wording): Scene
    {
        $guide = Span::between(
            $at->minus($plan->kit->guide->length->half()),
            $at->plus($plan->kit->guide->length->half()),
        );
        $jambs = $plan->room->opening->span();
        $jamb = $at->isOver($jambs->middle()) ? $jambs->high : $jambs->low;
        $shown = $guide->joined($place->window)->joined(Span::between($jamb, $jamb))->widened(Length::mm(90));
        $px = $shown->length()->toMm() / self::WIDE;
        $y = fn (Length $height) => -$height->toMm() * self::TALLER;
        $gap = $plan->heights->gap->low;
        $xs = [$shown->low, ...array_filter($plan->floor->places(), $shown->contains(...)), $shown->high];
        usort($xs, fn (Length $a, Length $b) => $a->nm <=> $b->nm);
        $floor = array_map(fn (Length $x) => [$x->toMm(), $y($plan->floor->at($x))], $xs);
        $deep = 12 * $px - min(0.0, ...array_map(fn (Length $x) => $plan->floor->at($x)->toMm() * self::TALLER, $xs));
        $up = self::UP_MM * 0.6 * self::TALLER;
        $shapes = [Shape::area('floor', [...$floor, [$shown->high->toMm(), $deep], [$shown->low->toMm(), $deep]])];
        $rows = [[$jamb, 'jamb']];
        foreach ($runs as $run) {
            foreach (['shut' => $run->closed(), 'open' => $run->open()] as $when => $leaf) {
                if ($leaf->overlaps($shown)) {
                    $part = $leaf->cutTo($shown);
                    $shapes[] = Shape::box(
                        $when === 'shut' ? 'leaf' : 'ghost',
                        $part->low->toMm(),
                        -$up,
                        $part->length()->toMm(),
                        $up + $y($gap),
                    );
                    foreach ([$leaf->low, $leaf->high] as $edge) {
                        if ($shown->contains($edge)) {
                            $rows[] = [
                                $edge,
                                $wording->say(Caption::of("edge-{$when}", ['off' => $edge->minus($at)->absolute()])),
                            ];
                        }
                    }
                }
            }
        }
        $height = $plan->kit->guide->style->needsGroove() ? $plan->kit->guide->bladeHeight : $plan->kit->guide->cheek;
        $shapes[] = Shape::box(
            'guide',
            $guide->low->toMm(),
            $y($plan->floor->at($at)->plus($height)),
            $guide->length()->toMm(),
            $height->toMm() * self::TALLER,
        );
        $shapes[] = Shape::line('jamb', $jamb->toMm(), -$up, $jamb->toMm(), $deep);
        $rows[] = [$at, $wording->say(Caption::of('guide-from-jamb', ['off' => $at->minus($jamb)->absolute()]))];
        [$words, $top, $reach] = Callouts::above(
            array_map(fn (array $row) => [$row[1], $row[0]->toMm(), -$up * 0.9], $rows),
            -$up - 6 * $px,
            10.5 * $px,
            1,
        );

        return new Scene(
            'detail',
            $wording->say(Caption::of('along-guide', ['times' => self::TALLER])),
            $shown->low->toMm(),
            $top,
            max($shown->high->toMm(), $reach) - $shown->low->toMm(),
            $deep - $top,
            [...$shapes, ...$words],
        );
    }
}
