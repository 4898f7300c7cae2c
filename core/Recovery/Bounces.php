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
                'disc-gap',
                $disc !== null && ! $this->gap->equals($disc->gap),
                0,
                [],
                0,
                $disc === null ? 'Set the disc' : "Set the discs to {$this->site->say($disc->gap)} under the rail",
                $disc === null
                    ? 'This kit has no jump disc.'
                    : "They are {$this->site->say($this->gap)} away; from {$this->site->say($off)} on the leaf can come off.".
                        ($this->gap->isUnder($off) ? '' : ' Do not move the leaf before.'),
                ['from' => $this->gap, 'to' => $disc?->gap, 'lift_off_at' => $off],
            ),
            new WayOut(
                'catch',
                $plan->hasSoftClose(),
                1,
                [],
                0,
                'A catch',
                $soft === null
                    ? 'This kit has none.'
                    : ($plan->hasSoftClose()
                        ? 'The soft close takes the last of the way.'
                        : 'Leaf or travel is too short for it.'),
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
