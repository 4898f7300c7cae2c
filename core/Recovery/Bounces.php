<?php

declare(strict_types=1);

namespace YokeLine\Recovery;

use YokeLine\Measure\Length;
use YokeLine\Planning\LeafRun;

/** The leaf jumps or bounces at its stops. */
final readonly class Bounces
{
    /** @param  Length  $gap  between jump disc and rail, as it is */
    public function __construct(private OnSite $site, private Length $gap) {}

    /** @return list<WayOut> */
    public function ways(): array
    {
        $plan = $this->site->plan;
        $disc = $plan->kit->jumpDisc;
        $soft = $plan->kit->softClose;
        $off = $plan->kit->hanger->liftOn;
        $travel = Length::least(
            ...array_map(fn (LeafRun $run) => $run->travel->total, array_values($plan->layout->runs)),
        );

        return WayOut::ranked([
            new WayOut(
                'bounces',
                'disc-gap',
                $disc !== null && ! $this->gap->equals($disc->gap),
                0,
                [],
                0,
                $disc === null ? 'none' : ($this->gap->isUnder($off) ? 'set' : 'loose'),
                ['from' => $this->gap, 'to' => $disc?->gap, 'lift_off_at' => $off],
            ),
            new WayOut(
                'bounces',
                'catch',
                $plan->hasSoftClose(),
                1,
                [],
                0,
                $soft === null ? 'none' : ($plan->hasSoftClose() ? 'takes' : 'too-short'),
                [
                    'travel' => $travel,
                    'strokes' => $soft?->strokes(),
                    'leaf' => $plan->layout->width->size->total,
                    'min_leaf' => $soft?->minLeafWidth,
                ],
            ),
        ]);
    }
}
