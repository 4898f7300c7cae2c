<?php

declare(strict_types=1);

use YokeLine\Chance;
use YokeLine\Work\Day\CannotStaff;
use YokeLine\Work\Day\DayPlan;
use YokeLine\Work\Day\Person;
use YokeLine\Work\Day\Placed;
use YokeLine\Work\Day\Task;

function atClock(string $clock): int
{
    [$hours, $minutes] = explode(':', $clock);

    return 60 * (int) $hours + (int) $minutes;
}

/** Chance that comes out the same in every run. */
function seeded(int $seed): Closure
{
    return (new Chance($seed))->next(...);
}

/** @return array<string, mixed> */
function workedDay(string $name): array
{
    return array_column(json_decode((string) file_get_contents(__DIR__.'/../Support/work/day-plan.json'), true)['instances'], null, 'name')[$name];
}

/** @return list<Task> */
function dayTasks(array $case): array
{
    return array_map(fn (array $step) => new Task($step['id'], $step['minutes'], $step['people'], $step['doorway'], $step['site'], $step['at'] === 'wall', array_column(array_map(fn (array $after) => [$after['step'], $after['wait'] ?? 0], $step['after']), 1, 0)), $case['steps']);
}

/** @return list<Person> */
function dayCrew(array $case): array
{
    return array_map(fn (array $one) => new Person($one['id'], array_map(fn (array $hours) => array_map(atClock(...), $hours), $one['hours'])), $case['people']);
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
    foreach (['kiln-room', 'glaze-store', 'map-archive', 'reclaim-bay', 'kiln-room', 'glaze-store', 'reclaim-bay', 'glaze-store'] as $i => $name) {
        $graph = $graphs[$name];
        $desk = ['look', 'measure', 'scan', 'choose', 'order'];
        foreach ($graph['steps'] as $step) {
            if (! in_array($step['id'], $desk, true)) {
                $after = [];
                foreach ($step['after'] as $before) {
                    if (! in_array($before['step'], $desk, true)) {
                        $after["{$i}/{$before['step']}"] = isset($before['wait']) ? (is_int($before['wait']) ? $before['wait'] : ($before['minutes'] ?? 0)) : ($before['minutes'] ?? 0);
                    }
                }
                $tasks[] = new Task("{$i}/{$step['id']}", $step['minutes'], $crew === 1 ? 1 : min($crew, $step['people']), (string) $i, $twoSites && $i % 2 === 1 ? 'mill' : 'pump', $step['at'] === 'wall', $after);
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
                expect($placed->start)->toBeGreaterThanOrEqual($plan->placed[$before]->end() + $wait, "{$placed->task->id} after {$before}");
            }
        }
        expect(count(array_unique($placed->people)))->toBe($placed->task->people, $placed->task->id);
        foreach ($placed->people as $id) {
            $hours = array_filter($plan->crew[$id]->hours, fn (array $hours) => $placed->start % 1440 >= $hours[0] && $placed->start % 1440 + $placed->task->minutes <= $hours[1]);
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
            $way = $steps[$i]->task->site === $steps[$i - 1]->task->site || intdiv($steps[$i]->start, 1440) !== intdiv($steps[$i - 1]->start, 1440) ? 0 : $travel["{$steps[$i - 1]->task->site}-{$steps[$i]->task->site}"] ?? 0;
            expect($steps[$i]->start)->toBeGreaterThanOrEqual($steps[$i - 1]->end())->and($plan->crew[$id]->worked($steps[$i - 1]->end(), $steps[$i]->start))->toBeGreaterThanOrEqual($way, "{$steps[$i]->task->id} by {$id}");
        }
    }
}

test('a worked day ends as soon as it can, by the rules', function (string $name) {
    $case = workedDay($name);
    $plan = DayPlan::of(dayTasks($case), dayCrew($case), $case['travel'], seeded(7), 400);

    expectLawful($plan, $case['travel']);
    expect($plan->end())->toBe(atClock($case['best_end']));
})->with(['one-day', 'two-sites']);

test('the bounds of a worked day come out', function (string $name) {
    $case = workedDay($name);
    $bound = DayPlan::of(dayTasks($case), dayCrew($case), $case['travel'], seeded(7), 0)->bound;

    expect(['path' => $bound->path, 'work' => $bound->work, 'together' => $bound->together, 'wall' => $bound->wall])->toBe(array_map(atClock(...), $case['bounds']))->and($bound->end())->toBe(atClock($case['bound']));
})->with(['one-day', 'two-sites']);

test('eight doorways are within 3 % of the bound on one site, 15 % on two', function (int $crew, bool $twoSites, float $most) {
    $travel = $twoSites ? ['pump-mill' => 25, 'mill-pump' => 25] : [];
    $plan = DayPlan::of(eightDoorways($crew, $twoSites), fullDays($crew), $travel, seeded(1964), DayPlan::ROUNDS, 480);

    expectLawful($plan, $travel);
    expect($plan->gap())->toBeLessThanOrEqual($most)->and($plan->end())->toBeGreaterThanOrEqual($plan->bound->end());
})->with([[1, false, 0.03], [2, false, 0.03], [3, false, 0.03], [1, true, 0.15], [2, true, 0.15], [3, true, 0.15]]);

test('too few people are refused, with what they are too few for', function () {
    expect(fn () => DayPlan::of([new Task('hang', 10, 3, 'K', 'pump', true, [])], fullDays(2), [], seeded(1)))->toThrow(CannotStaff::class, 'hang takes 3 people at once');
});

test('people who are never there together are too few', function () {
    $crew = [new Person(1, [[480, 720]]), new Person(2, [[750, 990]])];

    expect(fn () => DayPlan::of([new Task('hang', 10, 2, 'K', 'pump', true, [])], $crew, [], seeded(1)))->toThrow(CannotStaff::class);
});

test('a step longer than any stretch is refused', function () {
    expect(fn () => DayPlan::of([new Task('coat', 300, 1, 'K', 'pump', false, [])], fullDays(1), [], seeded(1)))->toThrow(CannotStaff::class, 'longer than any stretch');
});

test('steps that come after themselves are refused', function () {
    expect(fn () => DayPlan::of([new Task('a', 10, 1, 'K', 'pump', false, ['b' => 0]), new Task('b', 10, 1, 'K', 'pump', false, ['a' => 0])], fullDays(1), [], seeded(1)))->toThrow(CannotStaff::class, 'after itself');
});

test('what stands stays, and the rest is placed round it', function () {
    $tasks = [new Task('a', 60, 1, 'K', 'pump', true, []), new Task('b', 60, 1, 'K', 'pump', true, ['a' => 0], 0, 600, [1]), new Task('c', 60, 1, 'K', 'pump', true, ['b' => 0])];
    $plan = DayPlan::of($tasks, fullDays(1), [], seeded(1), 5, 480);

    expect(array_map(fn (Placed $placed) => $placed->start, $plan->placed))->toEqual(['b' => 600, 'a' => 480, 'c' => 660]);
});

test('the critical chain leads from the first step to the last end', function () {
    $case = workedDay('one-day');
    $plan = DayPlan::of(dayTasks($case), dayCrew($case), [], seeded(7), 100);

    expect($plan->criticalChain()[0])->toBe('K/coat-board')->and($plan->criticalChain())->toContain('K/board-up')->toContain('K/set');
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
        $tasks[] = new Task("t{$i}", $any(1, 24) * 10, min(count($crew), $any(0, 5) === 0 ? 2 : 1), "d{$doorway}", $doorway % 2 === 0 ? 'pump' : 'mill', $any(0, 1) === 0, $after, $any(0, 3) === 0 ? 1440 * $any(0, 2) + 600 : 0);
    }
    $travel = ['pump-mill' => 25, 'mill-pump' => 35];
    $plan = DayPlan::of($tasks, $crew, $travel, seeded($seed), 12, 480);

    expectLawful($plan, $travel);
    expect($plan->placed)->toHaveCount(count($tasks))->and($plan->end())->toBeGreaterThanOrEqual($plan->bound->end());
    foreach ($plan->placed as $placed) {
        expect($placed->start)->toBeGreaterThanOrEqual(max(480, $placed->task->earliest), $placed->task->id);
    }
})->with(range(1, 60));

test('trying longer never makes a day plan worse', function () {
    $ends = array_map(fn (int $rounds) => DayPlan::of(eightDoorways(2, true), fullDays(2), ['pump-mill' => 25, 'mill-pump' => 25], seeded(3), $rounds, 480)->end(), [0, 5, 20]);

    expect($ends[1])->toBeLessThanOrEqual($ends[0])->and($ends[2])->toBeLessThanOrEqual($ends[1]);
});

test('minutes worked and the moment after them are each other’s inverse', function (int $from, int $minutes) {
    $person = fullDays(1)[0];

    expect($person->worked($from, $person->after($from, $minutes)))->toBe($minutes);
})->with([[0, 0], [0, 1], [480, 240], [480, 241], [700, 60], [989, 2], [1000, 480], [1440 * 3 + 730, 2000]]);

test('a step set by hand stands where it may, and else begins as soon from there on as it can', function () {
    $tasks = [new Task('a', 60, 1, 'K', 'pump', true, []), new Task('b', 60, 1, 'K', 'pump', true, ['a' => 120], 0, 490, [1]), new Task('c', 60, 1, 'L', 'pump', true, [], 0, 780, [1])];
    [$plan, $notThen] = DayPlan::lawful($tasks, fullDays(1), [], 1, 5, 480);

    expectLawful($plan, []);
    expect($notThen)->toBe(['b'])->and($plan->placed['c']->start)->toBe(780)->and($plan->placed['b']->start)->toBeGreaterThanOrEqual(660);
});
