<?php

declare(strict_types=1);

namespace YokeLine\Drawing;

use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Span;
use YokeLine\Measure\Wording;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;

/**
 * One end of the travel as one faces it: rail, standoffs, the stop the way it faces, the wheel against it, catch and
 * trigger.
 */
final readonly class AtStop
{
    private const WIDE = 430;

    private const AROUND_MM = 60;

    /** @return list<array{Message, Scene}> every stop of the rail, left to right, with what it ends */
    public static function each(Plan $plan, Wording $wording): array
    {
        $found = [];
        $onRail = $plan->layout->stopsOnRail();
        foreach ($plan->leaves() as $leaf) {
            foreach (['shut' => $leaf->run->closed(), 'open' => $leaf->run->open()] as $end => $where) {
                $face = $onRail[$end === 'shut' ? $leaf->run->shutStop : $leaf->run->openStop] ?? null;
                if ($face !== null) {
                    $found[$face->total->nm] = [
                        Caption::of($leaf->isAlone ? $end : "{$leaf->name}-{$end}"),
                        self::scene($plan, $leaf, $end, $where, $face->total, $wording),
                    ];
                }
            }
        }
        ksort($found);

        return array_values($found);
    }

    /** @param  'shut'|'open'  $end */
    private static function scene(
        Plan $plan,
        PlannedLeaf $of,
        string $end,
        Span $leaf,
        Length $face,
        Wording $wording,
    ): Scene {
        $kit = $plan->kit;
        $run = $of->run;
        $wheels = $run->hangers($leaf);
        $wheel = $face
            ->minus($wheels->low)
            ->absolute()
            ->isUnder($face->minus($wheels->high)->absolute())
            ? $wheels->low
            : $wheels->high;
        // Away from the leaf: where the stop's body lies.
        $out = $face->isUnder($wheel) ? -1 : 1;
        $edge = $out === -1 ? $leaf->low : $leaf->high;
        $body = Span::between($face, $face->plus($kit->stop->body->times($out)));
        $soft = $of->softClose && $kit->softClose?->sides->has($end) === true ? $kit->softClose : null;
        $inward = $soft->catchLength ?? $run->hangerInset;
        $shown = Span::between(Length::least($face, $edge, $body->low), Length::greatest($face, $edge, $body->high))
            ->joined(Span::between($face, $face->minus($inward->times($out))))
            ->widened(Length::mm(self::AROUND_MM));
        $px = $shown->length()->toMm() / self::WIDE;
        $half = $kit->rail->height->half()->toMm();
        $foot = $half + $plan->heights->topGap->total->toMm() + 46;
        $leafTop = $half + $plan->heights->topGap->total->toMm();
        $box = fn (string $layer, Span $x, float $top, float $high) => Shape::box(
            $layer,
            $x->cutTo($shown)->low->toMm(),
            $top,
            $x->cutTo($shown)->length()->toMm(),
            $high,
        );
        $shapes = [$box('leaf', $leaf, $leafTop, $foot - $leafTop), $box('rail', $plan->rail->span, -$half, 2 * $half)];
        foreach ($plan->rail->holes as $hole) {
            if ($shown->contains($hole)) {
                $shapes[] = $box(
                    'standoff',
                    Span::between($hole->minus($kit->standoffBase->half()), $hole->plus($kit->standoffBase->half())),
                    -$kit->standoffBase->half()->toMm(),
                    $kit->standoffBase->toMm(),
                );
                $shapes[] = Shape::circle('hole', $hole->toMm(), 0.0, $kit->rail->holeDiameter->half()->toMm());
            }
        }
        $above = $kit->hanger->above->toMm();
        $strap = $kit->hanger->strapWidth->half()->toMm();
        array_push(
            $shapes,
            Shape::box(
                'strap',
                $wheel->toMm() - $strap,
                -$half - $above * 0.6,
                2 * $strap,
                $foot + $half + $above * 0.6,
            ),
            Shape::circle('wheel', $wheel->toMm(), -$half - $above / 2, $above / 2),
            Shape::circle('hub', $wheel->toMm(), -$half - $above / 2, $above / 9),
        );
        $shapes[] = $box('stop-block', $body, -$half - 12, 2 * $half + 24);
        // Its buffer faces the leaf.
        $shapes[] = Shape::box('buffer', $face->toMm() - ($out === -1 ? 0 : 5), -$half - 9, 5, 2 * $half + 18);
        $rows = [
            [
                $face,
                $wording->say(Caption::of('face-from-end', ['at' => $face->minus($plan->rail->span->low)])),
                -$half - 12.0,
            ],
            [$wheel, $wording->say(Caption::of('wheel-from-face', ['by' => $kit->stop->reach])), -$half - $above],
        ];
        if ($soft !== null) {
            $inner = $face->minus($soft->catchLength->times($out));
            $shapes[] = $box('catch', Span::between($face, $inner), -$half - 7, 7);
            $trigger = $edge->minus(($plan->triggerInset()->total ?? Length::zero())->times($out));
            $shapes[] = Shape::box('trigger', $trigger->toMm() - 3, $leafTop - 14, 6, 14);
            $rows[] = [
                $trigger,
                $wording->say(Caption::of('trigger-in', ['by' => $plan->triggerInset()->total ?? Length::zero()])),
                $leafTop - 14.0,
            ];
            $rows[] = [
                $inner,
                $wording->say(Caption::of($out === -1 ? 'catch-left' : 'catch-right', ['by' => $soft->stroke])),
                -$half - 7.0,
            ];
        }
        if (
            $kit->jumpDisc !== null &&
            ! ($plan->doorway->brief->rules->oneDisc && $edge->equals($run->leading($leaf)))
        ) {
            $disc = $edge->minus($kit->jumpDisc->inset->times($out));
            $shapes[] = Shape::box(
                'disc',
                $disc->minus($kit->jumpDisc->diameter->half())->toMm(),
                $half + $kit->jumpDisc->gap->toMm(),
                $kit->jumpDisc->diameter->toMm(),
                4,
            );
            $rows[] = [
                $disc,
                $wording->say(Caption::of('disc', ['in' => $kit->jumpDisc->inset, 'gap' => $kit->jumpDisc->gap])),
                $half + $kit->jumpDisc->gap->toMm() + 4,
            ];
        }
        [$words, $top, $reach] = Callouts::above(
            array_map(fn (array $row) => [$row[1], $row[0]->toMm(), $row[2]], $rows),
            -$half - $above - 8 * $px,
            10.5 * $px,
            -$out,
        );
        $left = min($shown->low->toMm(), $reach);
        $right = max($shown->high->toMm(), $reach);

        return new Scene(
            'detail',
            $wording->say(Caption::of('at-stop')),
            $left,
            $top,
            $right - $left,
            $foot - $top + 4 * $px,
            [...$shapes, ...$words],
        );
    }
}
