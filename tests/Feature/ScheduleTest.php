<?php

declare(strict_types=1);

use App\Day\OpenSteps;
use App\Models\Doorway;
use App\Models\Job;
use App\Record\Log;
use Illuminate\Support\Facades\Cache;
use Tests\Demo;

beforeEach(fn () => Demo::load());

test('the schedule of all jobs stands before any of it is worked out', function () {
    $this->get('/schedule')
        ->assertOk()
        ->assertSee('Old pump house, pottery co-operative')
        ->assertSee('River shop, pottery co-operative')
        ->assertSee('aria-busy="true"', false)
        ->assertDontSee('Done on');
});

test('each job’s days come with their hours and doorways', function () {
    $job = Job::query()->where('name', 'like', 'River shop%')->firstOrFail();
    $this->get("/jobs/{$job->id}/schedule/days")
        ->assertOk()
        ->assertSee('Counter room')
        ->assertSeeInOrder(['08:00–', '<td class="number">'], false);
});

test('a job with nothing to plan says so', function () {
    $job = Job::create(['name' => 'Empty', 'units' => 'mm']);
    $this->get("/jobs/{$job->id}/schedule/days")->assertOk()->assertSee('Nothing is left to plan');
    $this->get("/jobs/{$job->id}/schedule")->assertOk()->assertDontSee('aria-busy', false);
});

test('a job’s schedule stands first and is worked out then; what was worked out stands at once', function () {
    $job = Job::query()->where('name', 'like', 'River shop%')->firstOrFail();
    Cache::flush();
    $this->get("/jobs/{$job->id}/schedule")->assertOk()->assertSee('aria-busy="true"', false)->assertDontSee('day-bars');
    $this->get("/jobs/{$job->id}/schedule/plan")->assertOk()->assertSee('day-bars');
    $this->get("/jobs/{$job->id}/schedule")->assertOk()->assertDontSee('aria-busy="true"', false)->assertSee('day-bars');
});

test('who else is at a doorway is told, and nobody is told of themselves', function () {
    $doorway = Doorway::query()->oldest('id')->firstOrFail();
    $url = "/doorways/{$doorway->id}/door/size";
    $this->withSession(['browser' => 'one', 'who' => 'Ana'])->get($url)->assertDontSee('Also here');
    $this->withSession(['browser' => 'two', 'who' => 'Ben'])->get($url)->assertSee('Also here: Ana');
    $this->travel(5)->minutes();
    $this->withSession(['browser' => 'two', 'who' => 'Ben'])->get($url)->assertDontSee('Also here');
});

test('the steps of doorways are worked out for as long as there is time, and kept', function () {
    $doorways = Job::query()->firstOrFail()->doorwaysAtWork();

    expect(OpenSteps::readAhead($doorways, -1))->toBe(0)
        ->and($doorways->every(OpenSteps::areKept(...)))->toBeFalse()
        ->and(OpenSteps::readAhead($doorways, 60))->toBe($doorways->count())
        ->and($doorways->every(OpenSteps::areKept(...)))->toBeTrue();
});

test('what is done on site is no longer to be done in the days', function () {
    $doorway = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
    $step = array_key_first(OpenSteps::of($doorway));
    (new Log($doorway))->add('step', (string) $step, ['state' => 'done'], 'Ana');

    expect(OpenSteps::areKept($doorway))->toBeFalse()->and(OpenSteps::of($doorway))->not->toHaveKey($step);
});

test('a job of which not every step is worked out says how far that is, and asks for the rest', function () {
    $job = Job::query()->firstOrFail();
    $this->get(route('day-plan', $job))->assertSee(route('day-plan.plan', $job))->assertSee('aria-busy', false);
    $page = view('shop.planning', ['url' => route('day-plan.plan', $job), 'read' => 3, 'of' => 9])->render();

    expect($page)->toContain('hx-trigger="load"')->toContain('The steps of 3 of 9 doorways')->toContain('value="3"');
});

test('a day plan that came in as nonsense is as if nothing was set', function (array $set) {
    $job = Job::query()->where('name', 'like', 'River shop%')->firstOrFail();
    $job->forceFill(['day_plan' => $set])->save();

    $this->get("/jobs/{$job->id}/schedule/days")->assertOk()->assertSee('Counter room');
})->with([
    'places in time' => [['stands' => 'x']], 'deliveries' => [['comes' => 'x']], 'doorways' => [['doorways' => 'x']],
    'travel' => [['travel' => 'x']],
]);
