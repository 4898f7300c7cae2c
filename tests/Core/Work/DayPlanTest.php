<?php

declare(strict_types=1);

use YokeLine\Measure\SeededRandom;
use YokeLine\Work\Day\Bound;
use YokeLine\Work\Day\CannotStaff;
use YokeLine\Work\Day\Capacity;
use YokeLine\Work\Day\DayPlan;
use YokeLine\Work\Day\Person;
use YokeLine\Work\Day\Placed;
use YokeLine\Work\Day\Placing;
use YokeLine\Work\Day\Refutation;
use YokeLine\Work\Day\Steps;
use YokeLine\Work\Day\Task;
use YokeLine\Work\Day\Whereabouts;

function atClock(string $clock): int
{
    [$hours, $minutes] = explode(':', $clock);

    return 60 * (int) $hours + (int) $minutes;
}

/** Chance that comes out the same in every run. */
function seeded(int $seed): Closure
{
    return (new SeededRandom($seed))->next(...);
}

/** @return array<string, mixed> */
function workedDay(string $name): array
{
    return array_column(
        json_decode((string) file_get_contents(__DIR__.'/../Support/work/day-plan.json'), true)['instances'],
        null,
        'name',
    )[$name];
}

/** @return list<Task> */
function dayTasks(array $case): array
{
    return array_map(
        fn (array $step) => new Task(
            $step['id'],
            $step['minutes'],
            $step['people'],
            $step['doorway'],
            $step['site'],
            $step['at'] === 'wall',
            array_column(array_map(fn (array $after) => [$after['step'], $after['wait'] ?? 0], $step['after']), 1, 0),
        ),
        $case['steps'],
    );
}

/** @return list<Person> */
function dayCrew(array $case): array
{
    return array_map(
        fn (array $one) => new Person(
            $one['id'],
            array_map(fn (array $hours) => array_map(atClock(...), $hours), $one['hours']),
        ),
        $case['people'],
    );
}

/** @return list<Person> */
function fullDays(int $crew): array
{
    return array_map(fn (int $id) => new Person($id, [[480, 720], [750, 990]]), range(1, $crew));
}

/** The 8 doorways of the yardstick, as they come from their graphs. @return list<Task> */
function eightDoorways(int $crew, bool $twoSites): array
{
    $graphs = json_decode((string) file_get_contents(__DIR__.'/../Support/work/order.json'), true)['doorways'];
    $tasks = [];
    foreach (
        [
            'kiln-room',
            'glaze-store',
            'map-archive',
            'reclaim-bay',
            'kiln-room',
            'glaze-store',
            'reclaim-bay',
            'glaze-store',
        ] as $i => $name
    ) {
        $graph = $graphs[$name];
        $desk = ['look', 'measure', 'scan', 'choose', 'order'];
        foreach ($graph['steps'] as $step) {
            if (! in_array($step['id'], $desk, true)) {
                $after = [];
                foreach ($step['after'] as $before) {
                    if (! in_array($before['step'], $desk, true)) {
                        $after["{$i}/{$before['step']}"] = isset($before['wait'])
                            ? (is_int($before['wait'])
                                ? $before['wait']
                                : $before['minutes'] ?? 0)
                            : $before['minutes'] ?? 0;
                    }
                }
                $tasks[] = new Task(
                    "{$i}/{$step['id']}",
                    $step['minutes'],
                    $crew === 1 ? 1 : min($crew, $step['people']),
                    (string) $i,
                    $twoSites && $i % 2 === 1 ? 'mill' : 'pump',
                    $step['at'] === 'wall',
                    $after,
                );
            }
        }
    }

    return $tasks;
}

/** No rule is broken. */
function expectLawful(DayPlan $plan, array $travel): void
{
    $walls = $busy = [];
    foreach ($plan->placed as $placed) {
        foreach ($placed->task->after as $before => $wait) {
            if (isset($plan->placed[$before])) {
                expect($placed->start)->toBeGreaterThanOrEqual(
                    $plan->placed[$before]->end() + $wait,
                    "{$placed->task->id} after {$before}",
                );
            }
        }
        expect(count(array_unique($placed->people)))->toBe($placed->task->people, $placed->task->id);
        foreach ($placed->people as $id) {
            $hours = array_filter(
                $plan->crew[$id]->hours,
                fn (array $hours) => $placed->start % 1440 >= $hours[0] &&
                    ($placed->start % 1440) + $placed->task->minutes <= $hours[1],
            );
            expect($hours)->not->toBe([], "{$placed->task->id} in the hours of {$id}");
            $busy[$id][] = $placed;
        }
        if ($placed->task->isAtWall) {
            $walls[$placed->task->doorway][] = $placed;
        }
    }
    foreach ($walls as $at) {
        usort($at, fn (Placed $a, Placed $b) => $a->start <=> $b->start);
        for ($i = 1; $i < count($at); $i++) {
            expect($at[$i]->start)->toBeGreaterThanOrEqual($at[$i - 1]->end(), "{$at[$i]->task->id} at the wall");
        }
    }
    foreach ($busy as $id => $steps) {
        usort($steps, fn (Placed $a, Placed $b) => $a->start <=> $b->start);
        for ($i = 1; $i < count($steps); $i++) {
            $way =
                $steps[$i]->task->site === $steps[$i - 1]->task->site ||
                intdiv($steps[$i]->start, 1440) !== intdiv($steps[$i - 1]->start, 1440)
                    ? 0
                    : $travel["{$steps[$i - 1]->task->site}-{$steps[$i]->task->site}"] ?? 0;
            expect($steps[$i]->start)
                ->toBeGreaterThanOrEqual($steps[$i - 1]->end())
                ->and($plan->crew[$id]->worked($steps[$i - 1]->end(), $steps[$i]->start))
                ->toBeGreaterThanOrEqual($way, "{$steps[$i]->task->id} by {$id}");
        }
    }
}

test('a worked day ends as soon as it can, by the rules', function (string $name) {
    $case = workedDay($name);
    $plan = DayPlan::of(dayTasks($case), dayCrew($case), $case['travel'], seeded(7));

    expectLawful($plan, $case['travel']);
    expect($plan->end())->toBe(atClock($case['best_end']));
})->with(['one-day', 'two-sites']);

test('the bounds of a worked day come out', function (string $name) {
    $case = workedDay($name);
    $bound = DayPlan::of(dayTasks($case), dayCrew($case), $case['travel'], seeded(7), 0)->bound;

    expect(['path' => $bound->path, 'work' => $bound->work, 'together' => $bound->together, 'wall' => $bound->wall])
        ->toBe(array_map(atClock(...), $case['bounds']))
        ->and($bound->end())
        ->toBe(atClock($case['bound']));
})->with(['one-day', 'two-sites']);

test('eight doorways are within 3 % of the bound on one site, 12 % on two', function (
    int $crew,
    bool $twoSites,
    float $most,
) {
    $travel = $twoSites ? ['pump-mill' => 25, 'mill-pump' => 25] : [];
    $plan = DayPlan::of(eightDoorways($crew, $twoSites), fullDays($crew), $travel, seeded(1964), DayPlan::EFFORT, 480);

    expectLawful($plan, $travel);
    expect($plan->gap())->toBeLessThanOrEqual($most)->and($plan->end())->toBeGreaterThanOrEqual($plan->bound->end());
})->with([[1, false, 0.02], [2, false, 0.03], [3, false, 0.03], [1, true, 0.12], [2, true, 0.12], [3, true, 0.12]]);

test('too few people are refused, with what they are too few for', function () {
    expect(fn () => DayPlan::of([new Task('hang', 10, 3, 'K', 'pump', true, [])], fullDays(2), [], seeded(1)))->toThrow(
        CannotStaff::class,
        'too-few hang',
    );
});

test('people who are never there together are too few', function () {
    $crew = [new Person(1, [[480, 720]]), new Person(2, [[750, 990]])];

    expect(fn () => DayPlan::of([new Task('hang', 10, 2, 'K', 'pump', true, [])], $crew, [], seeded(1)))->toThrow(
        CannotStaff::class,
    );
});

test('a step longer than any stretch is refused', function () {
    expect(
        fn () => DayPlan::of([new Task('coat', 300, 1, 'K', 'pump', false, [])], fullDays(1), [], seeded(1)),
    )->toThrow(CannotStaff::class, 'too-long coat');
});

test('steps that come after themselves are refused', function () {
    expect(
        fn () => DayPlan::of(
            [
                new Task('a', 10, 1, 'K', 'pump', false, ['b' => 0]),
                new Task('b', 10, 1, 'K', 'pump', false, ['a' => 0]),
            ],
            fullDays(1),
            [],
            seeded(1),
        ),
    )->toThrow(CannotStaff::class, 'round a');
});

test('what stands stays, and the rest is placed round it', function () {
    $tasks = [
        new Task('a', 60, 1, 'K', 'pump', true, []),
        new Task('b', 60, 1, 'K', 'pump', true, ['a' => 0], 0, 600, [1]),
        new Task('c', 60, 1, 'K', 'pump', true, ['b' => 0]),
    ];
    $plan = DayPlan::of($tasks, fullDays(1), [], seeded(1), 500, 480);

    expect(array_map(fn (Placed $placed) => $placed->start, $plan->placed))->toEqual([
        'b' => 600,
        'a' => 480,
        'c' => 660,
    ]);
});

test('the critical chain leads from the first step to the last end', function () {
    $case = workedDay('one-day');
    $plan = DayPlan::of(dayTasks($case), dayCrew($case), [], seeded(7));

    expect($plan->criticalChain()[0])
        ->toBe('K/coat-board')
        ->and($plan->criticalChain())
        ->toContain('K/board-up')
        ->toContain('K/set');
});

test('any steps are planned by the rules, and never end before their bound', function (int $seed) {
    $chance = seeded($seed);
    $any = fn (int $low, int $high): int => $low + (int) ($chance() * ($high - $low + 1));
    $crew = fullDays($any(1, 3));
    $tasks = [];
    for ($i = 0, $count = $any(1, 26); $i < $count; $i++) {
        $after = [];
        for ($links = $any(0, min(3, $i)); $links > 0; $links--) {
            $after["t{$any(0, $i - 1)}"] = $any(0, 4) === 0 ? $any(30, 900) : 0;
        }
        $doorway = $any(0, 3);
        $tasks[] = new Task(
            "t{$i}",
            $any(1, 24) * 10,
            min(count($crew), $any(0, 5) === 0 ? 2 : 1),
            "d{$doorway}",
            $doorway % 2 === 0 ? 'pump' : 'mill',
            $any(0, 1) === 0,
            $after,
            $any(0, 3) === 0 ? 1440 * $any(0, 2) + 600 : 0,
        );
    }
    $travel = ['pump-mill' => 25, 'mill-pump' => 35];
    $plan = DayPlan::of($tasks, $crew, $travel, seeded($seed), 2000, 480);

    expectLawful($plan, $travel);
    expect($plan->placed)->toHaveCount(count($tasks))->and($plan->end())->toBeGreaterThanOrEqual($plan->bound->end());
    foreach ($plan->placed as $placed) {
        expect($placed->start)->toBeGreaterThanOrEqual(max(480, $placed->task->earliest), $placed->task->id);
    }
})->with(range(1, 60));

test('trying longer never makes a day plan worse', function () {
    $ends = array_map(
        fn (int $effort) => DayPlan::of(
            eightDoorways(2, true),
            fullDays(2),
            ['pump-mill' => 25, 'mill-pump' => 25],
            seeded(3),
            $effort,
            480,
        )->end(),
        [0, 2000, 20_000],
    );

    expect($ends[1])->toBeLessThanOrEqual($ends[0])->and($ends[2])->toBeLessThanOrEqual($ends[1]);
});

test('minutes done and the moment they are done at are each other’s inverse', function (int $minutes) {
    $hours = [[[480, 720], [750, 990]], [[540, 720]]];

    foreach ([Capacity::each($hours), Capacity::together($hours, 1), Capacity::together($hours, 2)] as $capacity) {
        expect($capacity->till($capacity->when($minutes)))
            ->toBeIn([$minutes, $minutes + 1])
            ->and($capacity->till($capacity->when($minutes) - 1))
            ->toBeLessThan($minutes);
    }
})->with([1, 59, 60, 61, 240, 241, 660, 661, 2000]);

test('one wall is worked at by whoever is there: the bound is not above the end', function () {
    $early = new Person(1, [[480, 600]]);
    $late = new Person(2, [[600, 720]]);
    $tasks = array_map(fn (int $n) => new Task("t{$n}", 60, 1, 'K', 'pump', true, []), range(1, 4));
    $plan = DayPlan::of($tasks, [$early, $late], [], seeded(1), from: 480);

    expect($plan->bound->wall)->toBe(720)->and($plan->soonest)->toBe(720)->and($plan->end())->toBe(720);
});

test('a step that ends nothing else is put so that the day is done the same day', function () {
    $tasks = [
        new Task('short', 30, 1, 'K', 'pump', false, []),
        new Task('long', 240, 1, 'L', 'pump', false, []),
        new Task('middle', 180, 1, 'M', 'pump', false, []),
    ];

    expect(DayPlan::of($tasks, fullDays(1), [], seeded(1), from: 480)->end())->toBe(960);
});

test('a worked-back end is refuted by waits over a night, where the plain bounds see none', function () {
    $tasks = array_merge(
        ...array_map(
            fn (string $n) => [
                new Task("coat{$n}", 200, 1, 'K', 'pump', false, []),
                new Task("set{$n}", 50, 1, 'K', 'pump', false, ["coat{$n}" => 200]),
            ],
            ['1', '2'],
        ),
    );
    $plan = DayPlan::of($tasks, fullDays(1), [], seeded(1), 100, 480);

    expect($plan->soonest)->toBe($plan->end())->and($plan->bound->end())->toBeLessThan($plan->end());
});

/** The soonest end of all orders and all people. @param  list<Task>  $tasks */
function soonestOfAll(array $tasks, array $crew, array $travel): int
{
    $steps = Steps::of(array_column($tasks, null, 'id'), array_column($crew, null, 'id'), $travel, 480);
    $subsets = fn (int $people) => array_values(
        array_filter(
            array_map(
                fn (int $mask) => array_values(
                    array_filter(array_keys($crew), fn (int $person) => ($mask >> $person) & 1),
                ),
                range(1, 2 ** count($crew) - 1),
            ),
            fn (array $of) => count($of) === $people,
        ),
    );
    $soonest = PHP_INT_MAX;
    $goOn = function (Placing $placing) use (&$goOn, &$soonest, $steps, $subsets) {
        $left = array_diff(array_keys($steps->ids), array_keys($placing->starts));
        $left !== [] ?: ($soonest = min($soonest, $placing->end()));
        foreach ($left as $step) {
            foreach (
                array_diff_key($steps->before[$step], $placing->starts) === [] ? $subsets($steps->people[$step]) : [] as $people
            ) {
                $next = clone $placing;
                ! $next->placeWith($step, $people) ?: $goOn($next);
            }
        }
    };
    $goOn(new Placing($steps, Whereabouts::anywhere()));

    return $soonest;
}

/** @return list<Task> */
function anyTasks(int $seed, int $count, int $crew): array
{
    $chance = new SeededRandom($seed);
    $any = fn (int $low, int $high): int => (int) $chance->between($low, $high + 1);
    $tasks = [];
    for ($i = 0; $i < $count; $i++) {
        $after = $i > 0 && $chance->is(0.6) ? ['t'.$any(0, $i - 1) => $chance->is(0.4) ? $any(20, 500) : 0] : [];
        $tasks[] = new Task(
            "t{$i}",
            $any(2, 20) * 10,
            $crew > 1 && $chance->is(0.25) ? 2 : 1,
            'd'.$any(0, 1),
            $chance->is(0.5) ? 'pump' : 'mill',
            $chance->is(0.5),
            $after,
        );
    }

    return $tasks;
}

test('up to six steps end as soon as any order and any people let them', function (int $seed) {
    $crew = 1 + ($seed % 2);
    $tasks = anyTasks($seed, 4 + ($seed % 3), $crew);
    $people =
        $seed % 3 === 0
            ? array_slice([new Person(1, [[480, 720], [750, 990]]), new Person(2, [[540, 780]])], 0, $crew)
            : fullDays($crew);
    $travel = ['pump-mill' => 25, 'mill-pump' => 25];
    $plan = DayPlan::of($tasks, $people, $travel, seeded(1), 10, 480);

    expectLawful($plan, $travel);
    expect($plan->end())->toBe(soonestOfAll($tasks, $people, $travel))->toBe($plan->soonest);
})->with(range(1, 30));

test('no end that a plan has is refuted', function (int $seed) {
    $crew = 1 + ($seed % 3);
    $tasks = anyTasks($seed, 14, $crew);
    $steps = Steps::of(array_column($tasks, null, 'id'), array_column(fullDays($crew), null, 'id'), [], 480);
    $soonest = Refutation::soonestEnd($steps, 100 * 1440);

    expect(DayPlan::of($tasks, fullDays($crew), [], seeded($seed), 4000, 480)->end())
        ->toBeGreaterThanOrEqual($soonest)
        ->and($soonest)
        ->toBeGreaterThanOrEqual(Bound::of($steps)->end());
})->with(range(1, 30));

test('a step set by hand stands where it may, and else begins as soon from there on as it can', function () {
    $tasks = [
        new Task('a', 60, 1, 'K', 'pump', true, []),
        new Task('b', 60, 1, 'K', 'pump', true, ['a' => 120], 0, 490, [1]),
        new Task('c', 60, 1, 'L', 'pump', true, [], 0, 780, [1]),
    ];
    [$plan, $notThen] = DayPlan::lawful($tasks, fullDays(1), [], 1, 500, 480);

    expectLawful($plan, []);
    expect($notThen)
        ->toBe(['b'])
        ->and($plan->placed['c']->start)
        ->toBe(780)
        ->and($plan->placed['b']->start)
        ->toBeGreaterThanOrEqual(660);
});

test('nobody works elsewhere than where they are said to be', function (int $seed) {
    $chance = seeded($seed);
    $tasks = array_column(eightDoorways(3, true), null, 'id');
    $steps = Steps::of($tasks, array_column(fullDays(3), null, 'id'), ['pump-mill' => 20, 'mill-pump' => 20], 480);
    $where = Whereabouts::inTurn($steps, 5, $chance)->changed($steps, 5, $chance);
    $placing = Placing::all($steps, array_fill(0, $steps->count(), 0.0), $where);
    $said = [];
    foreach ($placing->starts as $step => $start) {
        foreach ($placing->with[$step] as $person) {
            $there = $where->sites[$person][intdiv($start, 1440)][$start % 1440 < 735 ? 0 : 1] ?? null;
            if ($there !== null) {
                $said[] = $there === $steps->sites[$step];
            }
        }
    }
    expect(count($said))->toBeGreaterThan(10)->and($said)->not->toContain(false);
})->with(range(1, 12));
