<?php

declare(strict_types=1);

use App\Models\Doorway;
use App\Models\HouseRule;
use App\Models\Job;
use Tests\Demo;

beforeEach(function () {
    Demo::load();
    $this->doorway = Doorway::query()->where('name', 'Loading bay')->firstOrFail();
});

test('a rule shows before and after of every doorway that follows it, and takes nothing', function () {
    $this->post('/rules/preview', ['method_key' => 'pull-height', 'value' => '1100'])
        ->assertOk()
        ->assertSee('doorways that follow it');
    $this->post('/rules/preview', ['method_key' => 'surplus', 'value' => 'leading'])
        ->assertOk()
        ->assertSee('Apply this rule');

    expect(HouseRule::query()->count())->toBe(0);
});

test(
    'a rule of the company is written into the doorways that follow it, with its reason, and undone there',
    function () {
        $yoke = $this->doorway->setout(null)->plan?->yokeLine()->nm;
        $this->post('/rules', [
            'method_key' => 'head-overlap',
            'value' => '70',
            'why' => 'light under the eaves',
        ])->assertRedirect();
        $after = Doorway::query()->findOrFail($this->doorway->id);

        expect($after->revision->document->get('brief.rules.head_overlap'))
            ->toBe('70 mm')
            ->and($after->revision->document->get('house.head-overlap.from'))
            ->toBe('company')
            ->and($after->setout(null)->plan?->yokeLine()->nm)
            ->toBeGreaterThan($yoke);
        $this->get("/doorways/{$after->id}/papers/sheet")->assertSee('light under the eaves');
        $this->post("/doorways/{$after->id}/undo");
        expect(
            Doorway::query()->findOrFail($after->id)->revision->document->get('brief.rules.head_overlap'),
        )->toBeNull();
    },
);

test('a doorway that was set by hand no longer follows', function () {
    $this->post('/rules', ['method_key' => 'gap', 'value' => '11', 'why' => '']);
    $kiln = Doorway::query()->where('name', 'Kiln room')->firstOrFail();

    expect($kiln->revision->document->get('brief.rules.gap'))->toBe(12);
});

test('a job’s rule stands over the company’s', function () {
    $job = Job::query()->oldest('id')->firstOrFail();
    $this->post('/rules', ['method_key' => 'head-overlap', 'value' => '40']);
    $this->post("/rules?job={$job->id}", ['method_key' => 'head-overlap', 'value' => '55']);
    $this->post('/rules', ['method_key' => 'head-overlap', 'value' => '30']);

    expect(Doorway::query()->findOrFail($this->doorway->id)->revision->document->get('brief.rules.head_overlap'))->toBe(
        '55 mm',
    );
});

test('a new doorway begins with the rules of the house', function () {
    $this->post('/rules', ['method_key' => 'cover', 'value' => 'casing', 'why' => 'quiet rooms']);
    $this->post('/jobs/'.Job::query()->oldest('id')->firstOrFail()->id.'/doorways', ['name' => 'Office']);
    $new = Doorway::query()->where('name', 'Office')->firstOrFail();

    expect($new->revision->document->get('brief.rules.cover'))
        ->toBe('casing')
        ->and($new->revision->document->get('house.cover.why'))
        ->toBe('quiet rooms');
});

test('a rule that does not read is refused in words', function () {
    $this->post('/rules/preview', ['method_key' => 'gap', 'value' => 'small'])
        ->assertOk()
        ->assertSee('“small” is not a length');
});

test('of two who take one house rule the later stands and both are told', function () {
    $take = fn (string $browser, string $who, string $value) => $this->withSession([
        'browser' => $browser,
        'who' => $who,
    ])
        ->post('/rules', ['method_key' => 'gap', 'value' => $value, 'why' => '', 'seen' => 0])
        ->assertRedirect();
    $take('desk', 'Ines', '10');
    $take('van', 'Tomas', '11');

    expect(toldInTheMeantime())
        ->toHaveCount(2)
        ->each->toContain('11 mm');
});

test('a rule that is told in inches stays in inches', function () {
    $job = Job::query()->where('units', 'in')->firstOrFail();
    $this->post("/rules?job={$job->id}", ['method_key' => 'head-overlap', 'value' => '1 3/8', 'why' => '']);
    $doorway = $job->doorways()->firstOrFail();

    expect($doorway->revision->document->get('brief.rules.head_overlap'))->toBe('1 3/8 in');
    $this->get("/doorways/{$doorway->id}/door/size")->assertSee('value="1 3/8"', false)->assertDontSee(' mm)');
    $this->get("/rules?job={$job->id}")->assertSee('value="1 3/8"', false);
});
