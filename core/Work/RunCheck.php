<?php

declare(strict_types=1);

namespace YokeLine\Work;

use YokeLine\Measure\Length;
use YokeLine\Measure\LengthWriter;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;

/** One check of the finished run, with the number to expect. */
final readonly class RunCheck
{
    /** @param  ?Length  $expected  null where one looks and does not measure */
    private function __construct(
        public string $id,
        public string $says,
        public ?Length $expected = null,
        public ?Length $slack = null,
    ) {}

    /** @return list<self> in the order one walks them */
    public static function of(Plan $plan, LengthWriter $write): array
    {
        $by = $plan->doorway->marking->plusMinus;
        $checks = [];
        $part = $plan->kit->guide->style->needsGroove() ? 'bites' : 'reaches up';
        foreach ($plan->leaves() as $leaf) {
            $of = $leaf->isAlone ? '' : " of the {$leaf->name} leaf";
            foreach (['shut' => $leaf->run->closed(), 'open' => $leaf->run->open()] as $when => $where) {
                foreach (['left' => $where->low, 'right' => $where->high] as $side => $x) {
                    $checks[] = new self(
                        "gap-{$leaf->prefix()}{$when}-{$side}",
                        "Gap under the {$side} edge{$of}, {$when}",
                        $plan->gapAt($x),
                        $by->level->times(2),
                    );
                }
            }
        }
        $says = fn (PlannedLeaf $leaf, string $alone) => $leaf->isAlone
            ? $alone
            : ucfirst($leaf->name).' leaf: '.lcfirst($alone);

        return [
            ...$checks,
            ...self::eachLeaf(
                $plan,
                fn (PlannedLeaf $leaf) => new self(
                    "plumb{$leaf->suffix()}",
                    $says($leaf, 'Leaf plumb, over its height'),
                    Length::zero(),
                    $by->level->times(2),
                ),
            ),
            new self('stays', 'It stays where it is left: shut, half way, open'),
            new self('stops', 'Both stops hold against a firm push, and neither has moved'),
            ...self::eachLeaf(
                $plan,
                fn (PlannedLeaf $leaf) => $leaf->softClose
                    ? new self(
                        "catch{$leaf->suffix()}",
                        $says($leaf, 'The catch takes the leaf at both ends and draws it in'),
                    )
                    : null,
            ),
            ...$plan->kit->jumpDisc === null
                ? []
                : [new self('disc', 'Jump discs under the rail', $plan->kit->jumpDisc->gap, $by->hole)],
            ...self::eachLeaf(
                $plan,
                fn (PlannedLeaf $leaf) => new self(
                    "guide{$leaf->suffix()}",
                    $says($leaf, "The guide holds shut and open: {$part} {$write->show($leaf->guide->hold->total)}"),
                ),
            ),
            ...self::eachLeaf(
                $plan,
                fn (PlannedLeaf $leaf) => new self(
                    "clear{$leaf->suffix()}",
                    $says($leaf, 'Clear behind the leaf, all the way'),
                    $leaf->depth->clearance->total,
                    $by->kit->times(4),
                ),
            ),
            new self('snug', 'Every fixing snug, none spins'),
            new self('weight', 'A known weight hung from the pull side moves nothing; nobody hangs on the rail'),
            new self('pull', 'The pull is clear of the jamb, of the wall and of fingers'),
        ];
    }

    /**
     * @param  callable(PlannedLeaf): ?self  $check
     * @return list<self>
     */
    private static function eachLeaf(Plan $plan, callable $check): array
    {
        return array_values(array_filter(array_map($check, array_values($plan->leaves()))));
    }

    public function holds(Length $read): bool
    {
        return $this->expected === null ||
            ! $read
                ->minus($this->expected)
                ->absolute()
                ->isOver($this->slack ?? Length::zero());
    }
}
