<?php

declare(strict_types=1);

use App\Models\Doorway;
use App\Models\Job;
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
