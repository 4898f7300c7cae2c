<?php

declare(strict_types=1);

namespace YokeLine\Work;

use YokeLine\Doorway\GuideTouch;
use YokeLine\Doorway\HolesFound;
use YokeLine\Measure\Length;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;
use YokeLine\Planning\Plan;
use YokeLine\Planning\PlannedLeaf;

/**
 * One check of the finished run, with the number to expect.
 *
 * @phpstan-import-type Value from Message
 */
final readonly class RunCheck
{
    /**
     * @param  ?Length  $expected  null where one looks and does not measure
     * @param  array<string, Value>  $with
     * @param  string  $leaf  which of a pair it is of
     */
    private function __construct(
        public string $id,
        private string $code,
        public ?Length $expected = null,
        public ?Length $slack = null,
        private array $with = [],
        private string $leaf = '',
    ) {}

    public function says(): Message
    {
        $says = new Message('site.checks', $this->with, $this->code);

        return $this->leaf === ''
            ? $says
            : new Message('site.of-leaf', ['leaf' => Message::word('leaves', $this->leaf), 'what' => $says]);
    }

    /** @return list<self> in the order one walks them */
    public static function of(Plan $plan): array
    {
        $by = $plan->doorway->marking->plusMinus;
        $gaps = [];
        foreach ($plan->leaves() as $leaf) {
            foreach (['shut' => $leaf->run->closed(), 'open' => $leaf->run->open()] as $when => $where) {
                foreach (['left' => $where->low, 'right' => $where->high] as $side => $x) {
                    $gaps[] = new self(
                        "gap-{$leaf->prefix()}{$when}-{$side}",
                        'gap',
                        $plan->gapAt($x),
                        $by->level->times(2),
                        ['side' => Message::word('sides', $side), 'when' => Message::word('when', $when)],
                        self::named($leaf),
                    );
                }
            }
        }

        return [
            ...$gaps,
            ...self::eachLeaf($plan, 'plumb', fn () => [Length::zero(), $by->level->times(2)]),
            new self('stays', 'stays'),
            new self('stops', 'stops'),
            ...self::eachLeaf(
                $plan,
                'catch',
                fn (PlannedLeaf $leaf) => $leaf->softClose ? [null, null] : null,
                ['where' => Message::word('when', $plan->kit->softClose?->sides->when() ?? 'always')],
            ),
            ...$plan->kit->jumpDisc === null ? [] : [new self('disc', 'disc', $plan->kit->jumpDisc->gap, $by->hole)],
            ...array_values(
                array_map(
                    fn (PlannedLeaf $leaf) => new self(
                        "guide{$leaf->suffix()}",
                        $plan->kit->guide->style->needsGroove() ? 'guide-bites' : 'guide-reaches',
                        with: ['hold' => $leaf->guide->hold->total],
                        leaf: self::named($leaf),
                    ),
                    $plan->leaves(),
                ),
            ),
            ...$plan->kit->guide->style->needsGroove()
                ? self::inGroove($plan)
                : [],
            ...$plan->doorway->brief->rules->schedule->holesFound === HolesFound::FromFirst ? self::holes($plan) : [],
            ...self::eachLeaf(
                $plan,
                'clear',
                fn (PlannedLeaf $leaf) => [$leaf->depth->clearance->total, $by->kit->times(4)],
            ),
            new self('snug', 'snug'),
            new self('weight', 'weight'),
            new self('pull', 'pull'),
        ];
    }

    /**
     * @param  callable(PlannedLeaf): ?array{?Length, ?Length}  $numbers  what is expected, and how far it may be off;
     *   null where a leaf has no such check
     * @param  array<string, Value>  $with
     * @return list<self>
     */
    private static function eachLeaf(Plan $plan, string $code, callable $numbers, array $with = []): array
    {
        $checks = [];
        foreach ($plan->leaves() as $leaf) {
            $of = $numbers($leaf);
            if ($of !== null) {
                $checks[] = new self("{$code}{$leaf->suffix()}", $code, $of[0], $of[1], $with, self::named($leaf));
            }
        }

        return $checks;
    }

    /** @return list<self> how each leaf's groove runs on its guide (page 4; in inches page 7, 1) */
    private static function inGroove(Plan $plan): array
    {
        [$code, $air] = match (true) {
            $plan->doorway->brief->rules->guideTouch === GuideTouch::Touching => ['touches', []],
            $plan->doorway->units === Unit::Inch => ['air-of', ['air' => Length::sixteenths(1)]],
            default => ['air', ['least' => Length::mm(1), 'most' => Length::mm(2)]],
        };

        return self::eachLeaf($plan, $code, fn () => [null, null], $air);
    }

    /** @return list<self> the outer holes, which were marked through the rail: from the end of the board or rail */
    private static function holes(Plan $plan): array
    {
        $from = $plan->header->span->low ?? $plan->rail->span->low;
        $holes = $plan->rail->holes;

        return array_map(
            fn (int $i) => new self(
                'through-'.($i + 1),
                'through',
                $holes[$i]->minus($from),
                $plan->doorway->marking->plusMinus->hole->times(2),
                ['n' => $i + 1],
            ),
            array_values(array_unique([0, count($holes) - 1])),
        );
    }

    private static function named(PlannedLeaf $leaf): string
    {
        return $leaf->isAlone ? '' : $leaf->name;
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
