<?php

declare(strict_types=1);

use App\Models\Doorway;
use App\Models\Job;
use App\Models\LogEntry;
use Illuminate\Testing\TestResponse;
use Tests\Demo;
use YokeLine\Survey\Agreement;
use YokeLine\Survey\Readings;
use YokeLine\Survey\Walk;

beforeEach(function () {
    Demo::load();
    $this->doorway = Doorway::query()->where('name', 'Wedging room')->firstOrFail();
    $this->url = "/doorways/{$this->doorway->id}/wall";
    $this->tell = fn (string $place, array $data, string $uid = 'phone-one-1'): TestResponse => $this->postJson(
        "{$this->url}/walk",
        [
            'entries' => [['uid' => $uid, 'kind' => 'told', 'about' => $place, 'data' => $data]],
            'base' => $this->doorway->refresh()->revision_id,
        ],
    )->assertOk();
    $this->kept = fn (string $place): mixed => $this->doorway->refresh()->revision->document->get($place);
});

/** @return array<string, mixed> what the page was sent */
function sentWith(TestResponse $page): array
{
    preg_match('#id="walk-data">(.*?)</script>#s', (string) $page->getContent(), $found);

    return json_decode($found[1], true, 512, JSON_THROW_ON_ERROR);
}

test('the page holds every question of the walk, in its order, with what was told', function () {
    $sent = sentWith($this->get("{$this->url}/walk")->assertOk());
    $told = array_column($sent['screens'], 'value', 'place');

    expect(array_column($sent['screens'], 'place'))
        ->toBe(array_column(Walk::all(), 'place'))
        ->and($told['survey.opening.left'])
        ->toBe('820')
        ->and($told['survey.wall.ceiling'])
        ->toBe('')
        ->and($sent['mm']['survey.opening.left'])
        ->toEqual(820);
});

test('each question says where the tape goes, in both languages', function (string $language) {
    $page = $this->withSession(['language' => $language])->get("{$this->url}/walk");
    foreach (sentWith($page)['screens'] as $screen) {
        foreach ([$screen, ...$screen['parts']] as $question) {
            expect($question['how'])->not->toBe($question['place'])->not->toBe('');
        }
    }
})->with(['en', 'es']);

test('what is told is kept as it was typed, in the unit it was typed in', function () {
    ($this->tell)('survey.wall.ceiling', ['typed' => '2480.5', 'units' => 'mm']);
    ($this->tell)('survey.opening.height[0]', ['typed' => '80 1/2', 'units' => 'in'], 'phone-one-2');

    expect(($this->kept)('survey.wall.ceiling'))
        ->toBe('2480.5')
        ->and(($this->kept)('survey.opening.height[0]'))
        ->toBe('80 1/2 in')
        ->and($this->doorway->setout(null)->plan)
        ->not->toBeNull();
});

test('what is sent twice is kept once, also where somebody else has set it since', function () {
    ($this->tell)('survey.wall.ceiling', ['typed' => '2480', 'units' => 'mm']);
    ($this->tell)('survey.wall.ceiling', ['typed' => '2500', 'units' => 'mm'], 'phone-two-1');
    ($this->tell)('survey.wall.ceiling', ['typed' => '2480', 'units' => 'mm'])->assertJson([
        'kept' => ['phone-one-1'],
    ]);

    expect(($this->kept)('survey.wall.ceiling'))->toBe('2500');
});

test('what does not read is refused with the reason, and the rest is kept', function () {
    $answer = $this->postJson("{$this->url}/walk", [
        'entries' => [
            ['uid' => 'phone-bad-1', 'about' => 'survey.wall.ceiling', 'data' => ['typed' => 'high', 'units' => 'mm']],
            ['uid' => 'phone-bad-2', 'about' => 'survey.nothing', 'data' => ['typed' => '12']],
            ['uid' => 'phone-bad-3', 'about' => 'brief.rules.gap', 'data' => ['typed' => '-2']],
            ['uid' => 'phone-good', 'about' => 'survey.floor.finish', 'data' => ['typed' => 'tile']],
            ['uid' => '../x', 'about' => 'survey.wall.ceiling', 'data' => ['typed' => '1']],
            'nothing',
        ],
        'base' => 0,
    ])->assertOk();

    expect($answer->json('kept'))
        ->toBe(['phone-good'])
        ->and($answer->json('refused.phone-bad-1'))
        ->toContain('high')
        ->and(array_keys($answer->json('refused')))
        ->toBe(['phone-bad-1', 'phone-bad-2', 'phone-bad-3'])
        ->and(($this->kept)('survey.floor.finish'))
        ->toBe('tile');
});

test('a thing on the wall is told whole', function () {
    $at = fn (string $key) => "survey.obstacles[].{$key}";
    $item = [
        $at('kind') => 'switch',
        $at('x[0]') => '2000',
        $at('x[1]') => '2086',
        $at('y[0]') => '1100',
        $at('y[1]') => '1186',
        $at('projection') => '12',
    ];
    $before = count((array) ($this->kept)('survey.obstacles'));
    ($this->tell)('survey.obstacles', ['item' => $item, 'units' => 'mm']);
    $thing = array_values((array) ($this->kept)('survey.obstacles'))[$before];

    expect($thing->name)
        ->toBe('switch')
        ->and($thing->x)
        ->toBe(['2000', '2086'])
        ->and($thing->projection)
        ->toBe('12');
});

test('of a thing nothing may be left out', function () {
    $answer = ($this->tell)('survey.studs', ['item' => [], 'units' => 'mm']);

    expect($answer->json('refused'))->toHaveKey('phone-one-1');
});

test('a floor level below the others keeps its sign', function () {
    $before = count((array) ($this->kept)('survey.floor.readings'));
    $at = fn (string $key) => "survey.floor.readings[].{$key}";
    ($this->tell)('survey.floor.readings', ['item' => [$at('x') => '2500', $at('level') => '-3'], 'units' => 'mm']);

    expect(array_values((array) ($this->kept)('survey.floor.readings'))[$before]->level)->toBe('-3');
});

test('a doorway that was begun with no connection is begun once', function () {
    $job = Job::query()->oldest('id')->firstOrFail();
    $count = Doorway::query()->count();
    $begin = fn () => $this->postJson("/jobs/{$job->id}/measure", ['uid' => 'begun-1-a', 'name' => 'Larder', 'units' => 'in'])
        ->assertOk()
        ->json('doorway');

    expect($begin())
        ->toBe($begin())
        ->and(Doorway::query()->count())
        ->toBe($count + 1)
        ->and(Doorway::query()->latest('id')->first()->revision->document->get('units'))
        ->toBe('in');
});

test('a doorway without a name is not begun', function (array $sent) {
    $this->postJson('/jobs/1/measure', $sent)->assertUnprocessable();
})->with([[['uid' => 'begun-1-a', 'name' => '']], [['uid' => '', 'name' => 'Larder']], [['uid' => [], 'name' => []]]]);

test('at the end it is said what is assumed and whether it works', function () {
    $this->get("{$this->url}/verdict")->assertOk()->assertSee('Not enough measured yet');
    foreach (['survey.wall.ceiling' => '2480', 'survey.opening.height[0]' => '2040'] as $place => $typed) {
        ($this->tell)($place, ['typed' => $typed, 'units' => 'mm'], "phone-{$typed}-a");
    }

    $this->get("{$this->url}/verdict")
        ->assertOk()
        ->assertSee(__('survey.end.assumed'))
        ->assertSee('Set-out sheet')
        ->assertSee('data-so=', false);
});

test('a wall that is not measured yet takes photographs too', function () {
    ob_start();
    imagejpeg(imagecreatetruecolor(40, 30));
    $bytes = (string) ob_get_clean();
    $this->call(
        'POST',
        "/doorways/{$this->doorway->id}/photos/photo-wall-a?about=survey.wall.to&from=0&of=".strlen($bytes),
        server: ['CONTENT_TYPE' => 'application/octet-stream', 'HTTP_ACCEPT' => 'application/json'],
        content: $bytes,
    )->assertJson(['kept' => true]);

    expect(LogEntry::query()->where('uid', 'photo-wall-a')->value('about'))->toBe('survey.wall.to');
});

test('at a desk too it is asked at once where two readings can hardly both be right', function () {
    $this->get("{$this->url}/measure")->assertDontSee('class="notice asks"', false);
    ($this->tell)('survey.wall.ceiling', ['typed' => '248', 'units' => 'mm']);

    $this->get("{$this->url}/measure")->assertSee('“Lowest ceiling height” is unusually small. Check it.');
});

test('of the demo’s own walls nothing is asked', function () {
    foreach (Doorway::query()->with('revision')->get() as $doorway) {
        $setout = $doorway->setout(null);
        $asked = Agreement::askedOf(Readings::in($setout->document, $setout->doorway->units));

        expect(array_column($asked, 'key'))->toBe([], $doorway->name);
    }
});
