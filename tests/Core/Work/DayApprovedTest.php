<?php

declare(strict_types=1);

use Tests\Core\Support\Approved;
use Tests\Core\Support\Doorways;
use YokeLine\Doorway\KitPart;
use YokeLine\Doorway\Made\Way;
use YokeLine\Measure\SeededRandom;
use YokeLine\Work\Day\Bound;
use YokeLine\Work\Day\DayPlan;
use YokeLine\Work\Day\Person;
use YokeLine\Work\Day\Refutation;
use YokeLine\Work\Day\Steps;
use YokeLine\Work\Day\Task;
use YokeLine\Work\MakingTable;
use YokeLine\Work\Order;
use YokeLine\Work\PartWaits;
use YokeLine\Work\StepTable;

/* Days as they are planned, minute for minute: the same for the same chance. */

/** @return list<Person> of some begin later, some go earlier, some have a long break */
function crewOf(int $crew): array
{
    $hours = [[[480, 720], [750, 990]], [[540, 900]], [[480, 600], [780, 1020]]];

    return array_map(fn (int $id) => new Person($id, $hours[($id - 1) % 3]), range(1, $crew));
}

/** @return list<Task> steps that fell by chance, each after some of those before it */
function tasksFallen(SeededRandom $dice, int $count, int $crew): array
{
    $tasks = [];
    for ($n = 0; $n < $count; $n++) {
        $after = [];
        for ($before = max(0, $n - 4); $before < $n; $before++) {
            $dice->is(0.35) && $after["t{$before}"] = $dice->is(0.3) ? (int) $dice->between(10, 400) : 0;
        }
        $tasks[] = new Task(
            "t{$n}",
            5 * (int) $dice->between(1, 20),
            $dice->is(0.25) ? min(2, $crew) : 1,
            $dice->one(['A', 'B', 'C']),
            $dice->one(['pump', 'pump', 'mill']),
            $dice->is(0.6),
            $after,
        );
    }

    return $tasks;
}

/** @return array<string, mixed> */
function dayTold(DayPlan $plan): array
{
    return [
        'placed' => array_map(fn ($placed) => get_object_vars($placed), $plan->placed), 'end' => $plan->end(),
        'bound' => $plan->bound, 'gap' => $plan->gap(), 'visits' => $plan->visits(), 'idle' => $plan->idle(),
        'critical' => $plan->criticalChain(), 'days' => array_map($plan->days(...), array_keys($plan->crew)),
    ];
}

const DAYS_OF = [[5, 1, 60], [9, 2, 200], [14, 2, 600], [18, 3, 900], [26, 3, 1500], [40, 4, 3000]];

foreach (DAYS_OF as [$count, $crew, $effort]) {
    test("a day of {$count} steps and {$crew} people is planned as it was approved", function () use (
        $count,
        $crew,
        $effort,
    ) {
        $told = [];
        foreach ([3, 8, 21] as $seed) {
            $dice = new SeededRandom($seed);
            $tasks = tasksFallen($dice, $count, $crew);
            $travel = ['pump-mill' => 25, 'mill-pump' => 35];
            $told[$seed] = dayTold(
                DayPlan::of($tasks, crewOf($crew), $travel, (new SeededRandom($seed))->next(...), $effort, 480),
            );
        }

        Approved::holds("Work/days/{$count} steps, {$crew} people", $told);
    });
}

test('the day of a doorway is planned as it was approved', function (string $name, int $crew) {
    $tasks = array_map(fn ($step) => new Task(
        $step->id,
        $step->minutes,
        min($crew, $step->people),
        $name,
        'pump',
        $step->at === 'wall',
        array_column(array_map(fn ($after) => [$after->step, $after->wait ?? 0], $step->after), 1, 0),
    ), array_values(Order::of(Doorways::plan($name))->steps));

    Approved::holds("Work/days/{$name}, {$crew} people", dayTold(
        DayPlan::of($tasks, crewOf($crew), [], (new SeededRandom(1964))->next(...), 800, 480),
    ));
})->with(['kiln-room', 'reclaim-bay'])->with([1, 2]);

test('what bounds a day is as it was approved', function (int $count, int $crew) {
    $dice = new SeededRandom($count);
    $people = array_column(crewOf($crew), null, 'id');
    $steps = Steps::of(tasksFallen($dice, $count, $crew), $people, ['pump-mill' => 25], 480);
    $bound = Bound::of($steps);

    Approved::holds("Work/days/bound of {$count}, {$crew}", [
        $bound, array_map(fn (int $end) => Refutation::soonestEnd($steps, $end), [500, 700, 990, 1500, 2600]),
    ]);
})->with([6, 11, 17])->with([1, 3]);

test('what waits for a part, and every step of the tables, are as they were approved', function () {
    $rules = Doorways::plan()->doorway->brief->rules->schedule;

    Approved::holds('Work/tables', [
        array_map(fn (KitPart $part) => [$part, PartWaits::of($part)], KitPart::cases()),
        StepTable::rows(), StepTable::of($rules), MakingTable::kinds(),
        array_map(fn (Way $way) => [MakingTable::rows($way), StepTable::of($rules, $way)], Way::cases()),
    ]);
});
