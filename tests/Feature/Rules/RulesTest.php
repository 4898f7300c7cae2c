<?php

declare(strict_types=1);

use App\Models\Doorway;
use App\Models\HouseRule;
use App\Models\Job;
use Tests\Demo;
use YokeLine\Catalog\Catalog;
use YokeLine\Catalog\Field;
use YokeLine\Measure\Length;
use YokeLine\Measure\Unit;

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

/** @return array<string, array{string}> every rule of a house, by its key */
function everyRule(): array
{
    return array_map(fn (string $key) => [$key], array_combine(
        array_keys(Catalog::whole()->rules()),
        array_keys(Catalog::whole()->rules()),
    ));
}

/** What a rule could be set to, other than what is usual. */
function otherAnswer(string $key): string
{
    $rule = Catalog::whole()->rules()[$key];

    // Each rule has bounds of its own: a little more than is usual lies within all of them.
    return $rule->answers === []
        ? ($rule->usualIn(Unit::Millimetre) ?? Length::zero())->plus(Length::mm(1))->toMm().' mm'
        : array_values(array_diff($rule->answers, [Field::answered($rule->usual)]))[0];
}

test('whatever rule is taken, its page and a new doorway have it, and it can be let go', function (string $key) {
    $rule = Catalog::whole()->rules()[$key];
    $said = otherAnswer($key);
    // No doorway follows it yet.
    Job::query()->update(['archived_at' => now()]);
    $job = Job::create(['name' => 'Empty house']);
    $this->post('/rules', ['method_key' => $key, 'value' => $said, 'why' => 'so we do'])->assertSessionHasNoErrors();
    $this->get('/rules')->assertOk()->assertSee('value="so we do"', false);
    $this->post("/jobs/{$job->id}/doorways", ['name' => 'Office']);
    $new = Doorway::query()->where('name', 'Office')->firstOrFail()->revision->document;

    expect(HouseRule::query()->where('method', $key)->value('value'))
        ->toBe($said)
        ->and(Field::answered($new->get($rule->path)))
        ->toBe($said)
        ->and($new->get("house.{$key}.from"))
        ->toBe('company');
    $this->post('/rules', ['method_key' => $key, 'value' => '']);
    $let = Doorway::query()->where('name', 'Office')->firstOrFail()->revision->document;
    expect(HouseRule::query()->where('method', $key)->exists())
        ->toBeFalse()
        ->and($let->get($rule->path))
        ->toBeNull()
        ->and($let->get("house.{$key}"))
        ->toBeNull();
})->with(everyRule());

test('a rule of one doorway is written into that one alone, and is none of the house', function () {
    $take = ['method_key' => 'head-overlap', 'value' => '44', 'why' => 'a low lintel'];
    $this->post("/rules?doorway={$this->doorway->id}", $take)->assertRedirect();
    $with = Doorway::query()->with('revision')->get()->filter(
        fn (Doorway $doorway) => $doorway->revision->document->get('brief.rules.head_overlap') === '44 mm',
    );

    expect(array_values($with->modelKeys()))->toBe([$this->doorway->id])
        ->and(HouseRule::query()->count())
        ->toBe(0)
        ->and($with->first()->revision->document->get('house.head-overlap'))
        ->toEqual((object) ['from' => 'doorway', 'why' => 'a low lintel']);
    $this->get("/rules?doorway={$this->doorway->id}")
        ->assertSee('value="a low lintel"', false)
        ->assertSee('Back to Loading bay');
});

test('before a rule is taken each doorway shows its yoke line as it is and as it would be', function () {
    $plan = fn (array $changes) => $this->doorway
        ->plan(array_reduce(
            array_keys($changes),
            fn ($document, string $place) => $document->with($place, $changes[$place]),
            $this->doorway->revision->document,
        ));
    $shown = fn (array $changes): string => $plan($changes)->write->show($plan($changes)->plan->yokeLine());
    [$was, $is] = [$shown([]), $shown(['brief.rules.head_overlap' => '70 mm'])];

    expect($is)->not->toBe($was);
    $this->post('/rules/preview', ['method_key' => 'head-overlap', 'value' => '70'])
        ->assertSee("<s>{$was}</s> <b>{$is}</b>", false);
});

test('a doorway that is put away, by itself or with its job, follows no rule', function (Closure $putAway) {
    $putAway($this->doorway);
    $this->post('/rules', ['method_key' => 'head-overlap', 'value' => '70']);

    expect($this->doorway->refresh()->revision->document->get('brief.rules.head_overlap'))->toBeNull();
})->with([
    'by itself' => [fn (Doorway $doorway) => $doorway->forceFill(['archived_at' => now()])->save()],
    'with its job' => [fn (Doorway $doorway) => $doorway->job->forceFill(['archived_at' => now()])->save()],
]);

test('what a rule cannot be is refused in words, and nothing is written', function (string $value, string $says) {
    $count = fn (): int => $this->doorway->revisions()->count();
    $before = $count();
    $this->post('/rules', ['method_key' => $value === 'purple' ? 'cover' : 'gap', 'value' => $value])
        ->assertRedirect('/rules')
        ->assertSessionHasErrors('rule');

    expect(session('errors')->first('rule'))
        ->toContain($says)
        ->and(HouseRule::query()->count())
        ->toBe(0)
        ->and($count())
        ->toBe($before);
})->with([
    'no length' => ['small', '“small” is not a length'],
    'none of its list' => ['purple', 'What must the door cover? Choose one of: past jambs, casing, just enough.'],
    'below nothing' => ['-5', 'less than 0'],
]);

test('a rule that no house has is not there', function () {
    $this->post('/rules', ['method_key' => 'no-such', 'value' => '1'])->assertNotFound();
    $this->post('/rules/preview', ['method_key' => 'no-such', 'value' => '1'])->assertNotFound();
});

test('a number without a unit is in the unit that one looks in', function () {
    $this->post('/editor', ['units' => 'in', 'own' => 'mm', 'at' => 'house']);
    $this->post('/rules', ['method_key' => 'gap', 'value' => '1/2'])->assertSessionHasNoErrors();

    expect(HouseRule::query()->value('value'))->toBe('1/2 in');
});

test('of a reason as much is kept as its field takes', function () {
    $this->post('/rules', ['method_key' => 'gap', 'value' => '11', 'why' => str_repeat('é', 400)]);

    expect(HouseRule::query()->value('why'))->toBe(str_repeat('é', 240));
});
