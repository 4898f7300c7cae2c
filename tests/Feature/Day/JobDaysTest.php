<?php

declare(strict_types=1);

use App\Day\JobDays;
use App\Models\Doorway;
use App\Models\Job;
use Illuminate\Support\Carbon;
use Tests\Begun;
use YokeLine\Work\Day\DayPlan;
use YokeLine\Work\Day\Placed;

/* What is set of a job's days, and what comes of it. */

/** @param  array<string, mixed>  $set */
function daysOf(Job $job, array $set): JobDays
{
    $job->forceFill(['day_plan' => $set])->save();

    return new JobDays($job);
}

/** @return array<string, Placed> by doorway and step */
function placedIn(JobDays $days): array
{
    $placed = $days->plan->placed;

    return array_combine(array_map(fn (Placed $one) => $one->task->id, $placed), $placed);
}

test('a crew is one to three, and the way half an hour at most four', function (mixed $set, int $crew, int $minutes) {
    $days = daysOf(Job::create(['name' => 'Kiln yard']), ['crew' => $set, 'travel' => $set]);

    expect([$days->crew(), $days->travelMinutes()])->toBe([$crew, $minutes]);
})->with([
    'nothing' => [null, 3, 25], 'words' => ['x', 3, 25], 'less than none' => [-2, 1, 0], 'none' => [0, 1, 0],
    'two' => ['2', 2, 2], 'four' => [4, 3, 4], 'without end' => [999, 3, 240],
]);

test('days begin on the day that is set, or the next one; never at a weekend', function (mixed $set, string $day) {
    $this->travelTo(Carbon::parse('2026-12-02 10:20'));
    $days = daysOf(Job::create(['name' => 'Kiln yard']), ['from' => $set]);

    expect($days->from()->toDateTimeString())->toBe("{$day} 00:00:00");
})->with([
    'a Monday' => ['2027-01-11', '2027-01-11'], 'a Saturday' => ['2027-01-09', '2027-01-11'],
    'a moment' => ['2027-01-11 09:30', '2026-12-03'], 'nothing' => [null, '2026-12-03'], 'words' => ['x', '2026-12-03'],
    'a day that no month has' => ['2027-02-30', '2026-12-03'],
    'a list' => [['2027-01-11'], '2026-12-03'],
]);

test('minutes of the plan are moments on working days', function (int $minutes, string $moment) {
    $days = daysOf(Job::create(['name' => 'Kiln yard']), ['from' => '2027-01-08']);

    expect($days->moment($minutes)->toDateTimeString())->toBe($moment);
})->with([
    'the first morning' => [490, '2027-01-08 08:10:00'],
    'after the weekend' => [DayPlan::DAY + 490, '2027-01-11 08:10:00'],
]);

test('hours are stretches of a day, each after the one before', function (string $typed, ?array $stretches) {
    expect(JobDays::stretches($typed))->toBe($stretches);
})->with([
    'one' => ['08:00-12:00', [[480, 720]]], 'two' => ['8:00–12:00, 12:30 - 16:30', [[480, 720], [750, 990]]],
    'one after the other' => ['08:00-12:00,12:00-16:00', [[480, 720], [720, 960]]],
    'till midnight' => ['22:00-24:00', [[1320, 1440]]], 'past midnight' => ['22:00-24:01', null],
    'backwards' => ['12:00-08:00', null], 'of no length' => ['08:00-08:00', null],
    'over each other' => ['08:00-12:00, 11:59-16:00', null], 'words' => ['mornings', null], 'nothing' => ['', null],
]);

test('the doorways that were chosen are planned, or every one that can be hung', function () {
    [$fits, $other] = [Begun::doorway('kiln-room'), Begun::doorway('kiln-room')];
    $stopped = Begun::doorway('kiln-room', ['survey.wall.ceiling' => 2100]);
    Doorway::query()->update(['job_id' => $fits->job_id]);
    $job = Job::query()->findOrFail($fits->job_id);

    expect($stopped->refresh()->verdict)->toBe('stopped')
        ->and(daysOf($job, [])->planned()->pluck('id')->all())->toBe([$fits->id, $other->id])
        ->and(daysOf($job, ['doorways' => [(string) $other->id]])->planned()->pluck('id')->all())->toBe([$other->id]);
});

test('from one site to another there is a way', function (int $travel) {
    [$here, $there] = [Begun::doorway('kiln-room'), Begun::doorway('kiln-room', ['survey.site' => 'River shop'])];
    $there->forceFill(['job_id' => $here->job_id])->save();
    $days = daysOf($here->job, ['crew' => 2, 'travel' => $travel, 'from' => '2027-01-11']);
    $gaps = [];
    foreach ([1, 2] as $person) {
        $isTheirs = fn (Placed $one) => in_array($person, $one->people, true);
        $own = array_values(array_filter($days->plan->placed, $isTheirs));
        usort($own, fn (Placed $a, Placed $b) => $a->start <=> $b->start);
        foreach (array_slice($own, 1) as $i => $next) {
            $own[$i]->task->site === $next->task->site || ($gaps[] = $next->start - $own[$i]->end());
        }
    }

    expect($gaps)->not->toBe([])->and(min($gaps))->toBeGreaterThanOrEqual($travel);
})->with([45, 90]);

test('where too few are there for a step, that is said of it', function () {
    $doorway = Begun::doorway('kiln-room');
    $days = daysOf($doorway->job, ['crew' => 1]);

    expect($days->plan)->toBeNull()->and($days->problem)->toMatch(
        '/^Kiln room, .+ takes 2 people at once for \d+ minutes\. The crew is 1, or/',
    );
});

test('a step begins once those before it are done, and what they left has dried', function () {
    $doorway = Begun::doorway('kiln-room');
    $placed = placedIn(daysOf($doorway->job, []));
    $after = array_filter(array_map(fn (Placed $one) => $one->task->after, $placed));

    expect(count($after))->toBeGreaterThan(20);
    foreach ($after as $task => $before) {
        foreach ($before as $step => $minutes) {
            $soonest = $placed[$step]->end() + $minutes;
            expect($placed[$task]->start)->toBeGreaterThanOrEqual($soonest, "{$task} after {$step}");
        }
    }
});

test('what no stretch holds whole is done in parts, one after the other', function () {
    $doorway = Begun::doorway('kiln-room');
    $placed = placedIn(daysOf($doorway->job, ['hours' => '08:00-08:20', 'crew' => 3]));
    [$first, $last] = [$placed["{$doorway->id}/bore-leaf#1"], $placed["{$doorway->id}/bore-leaf"]];

    expect([$first->task->minutes, $last->task->minutes])->toBe([20, 10])
        ->and($last->start)->toBeGreaterThanOrEqual($first->end());
});

test('nothing is done with what has not come', function (string $what, string $step) {
    $doorway = Begun::doorway('kiln-room');
    $begins = fn (?string $on): int => placedIn(daysOf($doorway->job, [
        'from' => '2027-01-11', 'comes' => [$what => $on],
    ]))["{$doorway->id}/{$step}"]->start;

    expect($begins(null))->toBeLessThan(DayPlan::DAY)
        ->and($begins('2027-01-14'))->toBeGreaterThanOrEqual(3 * DayPlan::DAY)
        ->and($begins('2027-01-04'))->toBeLessThan(DayPlan::DAY);
})->with([['leaf', 'leaf-in'], ['kit', 'box-check'], ['board', 'cut-board']]);

test('where the first day has begun, what is left is planned from now on', function (string $now, int $least) {
    $doorway = Begun::doorway('kiln-room');
    $this->travelTo(Carbon::parse($now));
    $days = daysOf($doorway->job, ['from' => '2027-01-11']);
    $begins = min(array_map(fn (Placed $one) => $one->start, $days->plan->placed));

    expect($begins)->toBe($least);
})->with([
    'the day before' => ['2027-01-10 15:00', 480], 'in the morning' => ['2027-01-11 07:00', 480],
    'while at work' => ['2027-01-11 09:02', 545], 'two days on' => ['2027-01-13 10:30', 2 * DayPlan::DAY + 630],
]);
