<?php

declare(strict_types=1);

namespace YokeLine\Work;

use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Planning\Plan;

/** One check of the finished run, with the number to expect. */
final readonly class RunCheck
{
    /** @param  ?Length  $expected  null where one looks and does not measure */
    private function __construct(public string $id, public string $says, public ?Length $expected = null, public ?Length $slack = null) {}

    /** @return list<self> in the order one walks them */
    public static function of(Plan $plan, LengthWriter $write): array
    {
        $by = $plan->doorway->marking->plusMinus;
        $checks = [];
        foreach ($plan->layout->runs as $name => $run) {
            [$at, $of] = count($plan->layout->runs) === 1 ? ['', ''] : ["{$name}-", " of the {$name} leaf"];
            foreach (['shut' => $run->closed(), 'open' => $run->open()] as $when => $leaf) {
                foreach (['left' => $leaf->low, 'right' => $leaf->high] as $side => $x) {
                    $checks[] = new self("gap-{$at}{$when}-{$side}", "Gap under the {$side} edge{$of}, {$when}", $plan->gapAt($x), $by->level->times(2));
                }
            }
        }

        return [
            ...$checks,
            new self('plumb', 'Leaf plumb, over its height', Length::zero(), $by->level->times(2)),
            new self('stays', 'It stays where it is left: shut, half way, open'),
            new self('stops', 'Both stops hold against a firm push, and neither has moved'),
            ...($plan->softCloseFits() ? [new self('catch', 'The catch takes the leaf at both ends and draws it in')] : []),
            ...($plan->kit->jumpDisc === null ? [] : [new self('disc', 'Jump discs under the rail', $plan->kit->jumpDisc->gap, $by->hole)]),
            new self('guide', 'The guide holds shut and open: '.($plan->kit->guide->style->needsGroove() ? 'bites ' : 'reaches up ').$write->show(array_values($plan->guides)[0]->hold->total)),
            new self('clear', 'Clear behind the leaf, all the way', $plan->depth()->clearance->total, $by->kit->times(4)),
            new self('snug', 'Every fixing snug, none spins'),
            new self('weight', 'A known weight hung from the pull side moves nothing; nobody hangs on the rail'),
            new self('pull', 'The pull is clear of the jamb, of the wall and of fingers'),
        ];
    }

    public function holds(Length $read): bool
    {
        return $this->expected === null || ! $read->minus($this->expected)->absolute()->isOver($this->slack ?? Length::zero());
    }
}
