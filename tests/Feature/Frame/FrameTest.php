<?php

declare(strict_types=1);

use App\Frame\Place;
use App\Http\Controllers\LeadOnController;
use App\Models\Doorway;
use App\Models\Job;
use Tests\Demo;

beforeEach(function () {
    Demo::load();
    $this->named = fn (string $name) => Doorway::query()->where('name', $name)->firstOrFail();
});

dataset('pages of a doorway', fn () => array_merge(...array_map(fn (Place $place) => $place->pages(), Place::cases())));

test('every page of a doorway says whose it is, how far it has come, whether it works and where one is', function (
    string $page,
) {
    $kiln = ($this->named)('Kiln room');
    $html = (string) $this->get(route($page, $kiln))->assertOk()->getContent();
    $place = Place::of($page);
    preg_match_all('~<a href="([^"]+)" class="station[^"]*"~', $html, $stations);

    expect($stations[1])
        ->toBe(array_map(fn (Place $place) => route($place->pages()[0], $kiln, false), Place::cases()))
        ->and(substr_count($html, 'aria-current="step"'))
        ->toBe(1)
        ->and($html)
        ->toContain('<h1>Kiln room</h1>')
        ->toContain('href="'.route('jobs.show', $kiln->job_id).'">Old pump house')
        ->toContain('</svg>2 open points</a>')
        ->toMatch('~<a href="'.preg_quote(route($page, $kiln, false), '~').'"\s+aria-current="page"\s*>~')
        ->toMatch('~class="station is-here[^>]*aria-current="step"\s*>.*?'.$place->says().'~');
})->with('pages of a doorway');

test('a page of a doorway that cannot be planned yet says what will be there, and where it begins', function (
    string $page,
) {
    $wedging = ($this->named)('Wedging room');

    $this->get(route($page, $wedging))
        ->assertOk()
        ->assertSee('will stand here. First the wall and its opening must be measured.')
        ->assertSee('href="'.route('wall.measure', $wedging).'"', false);
})->with([
    'anchors.loads',
    'marks.runs',
    'marks.door',
    'marks.templates',
    'marks.line',
    'site.steps',
    'site.order',
    'record.tolerance',
    'record.checks',
    'record.handover',
    'papers.sheet',
    'papers.quote',
]);

test('an address that was given out before leads to its page, with what was asked', function (string $old) {
    $kiln = ($this->named)('Kiln room');
    $to = (string) $this->get("/doorways/{$kiln->id}/{$old}?from=1&to=2")
        ->assertStatus(301)
        ->headers->get('Location');

    expect($to)->toEndWith('?from=1&to=2');
    $this->get($to)->assertOk()->assertSee('class="bar-doorway"', false);
})->with(LeadOnController::OLD);

test('an old address of a job leads to its page', function (string $old, string $page) {
    $job = Job::query()->oldest('id')->firstOrFail();

    $this->get("/jobs/{$job->id}/{$old}")->assertRedirect("/jobs/{$job->id}/{$page}");
})->with([['paper', 'documents'], ['supply', 'orders'], ['day-plan', 'schedule']]);

test('a doorway by itself leads to the page of its next step', function () {
    $this->get('/doorways/'.($this->named)('Wedging room')->id)->assertRedirect(
        route('wall.measure', ($this->named)('Wedging room')),
    );
    $this->get('/doorways/'.($this->named)('Kiln room')->id)->assertRedirect(
        route('rail.stops', ($this->named)('Kiln room')),
    );
});

test('every page of a job says which job it is and has its other pages', function (string $page) {
    $job = Job::query()->oldest('id')->firstOrFail();

    $answer = $this->get(route($page, $job))
        ->assertOk()
        ->assertSee("<h1>{$job->name}</h1>", false)
        ->assertSeeInOrder(['Doorways', 'Materials', 'Cutting', 'Orders', 'Schedule', 'Documents']);

    expect((string) $answer->getContent())->toMatch(
        '~<a href="'.preg_quote(route($page, $job), '~').'"\s+aria-current="page"\s*>~',
    );
})->with(['jobs.show', 'materials', 'cutting', 'supply', 'day-plan', 'documents']);

test('undo works from every page of a doorway, and comes back to it', function () {
    $kiln = ($this->named)('Kiln room');
    $this->post(route('changes', [$kiln, 'leaf']), [
        'place' => 'brief.rules.gap',
        'value' => '15',
        'base' => $kiln->revision_id,
    ]);

    $this->from(route('record.log', $kiln))
        ->post(route('undo', $kiln))
        ->assertStatus(303)
        ->assertRedirect(route('record.log', $kiln));
    expect($kiln->refresh()->revision->document->get('brief.rules.gap'))->toBe(12);
});

test('what is open leads to where it is mended', function () {
    $kiln = ($this->named)('Kiln room');

    $this->get(route('papers.quote', $kiln))->assertSee('href="'.route('rail.stops', $kiln).'#means"', false);
});

test('hardware is found by its name beside jobs and doorways', function () {
    $this->get('/?q=top-fixed')->assertSee('Flat bar 2, top-fixed hanger')->assertDontSee('No job or doorway');
    $this->get('/?q=house')->assertSee('href="'.route('rules').'"', false)->assertSee('Old pump house');
});
