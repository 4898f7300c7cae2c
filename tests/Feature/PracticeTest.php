<?php

declare(strict_types=1);

use App\Models\Doorway;
use App\Models\PracticeMark;
use App\Models\PracticeRound;
use App\Practice\WallPage;
use Tests\Demo;
use YokeLine\Measure\LengthWriter;
use YokeLine\Practice\Ask;
use YokeLine\Practice\Attempt;
use YokeLine\Practice\DrillQuestion;
use YokeLine\Practice\Level;
use YokeLine\Practice\RightAnswers;

beforeEach(fn () => $this->withSession(['browser' => 'learner-1']));

function begun(string $level, ?int $seed = null): PracticeRound
{
    test()->post('/practice', array_filter(['level' => $level, 'seed' => $seed]))->assertRedirect();

    return PracticeRound::query()->latest('id')->firstOrFail();
}

/** Everything read, and swept. */
function allMeasured(PracticeRound $round): PracticeRound
{
    $places = [...array_keys(WallPage::wallOf($round)->readings()), WallPage::SWEEP];
    test()->post("/practice/walls/{$round->id}/measure", ['places' => $places])->assertRedirect();

    return $round->refresh();
}

/** @return array<string, mixed> */
function allRight(PracticeRound $round): array
{
    return RightAnswers::to(WallPage::wallOf($round));
}

test('every level begins a wall', function (string $level) {
    $round = begun($level);

    $this->get("/practice/walls/{$round->id}")->assertOk()->assertSee('What would you measure?');
})->with(fn () => array_column(Level::graded(), 'value'));

test('the same number makes the same wall', function () {
    expect(begun('cable', 77)->truth)->toBe(begun('cable', 77)->truth);
});

test('a number that is none is refused in a sentence', function (string $seed) {
    $this->from('/practice')->post('/practice', ['level' => 'flat', 'seed' => $seed])->assertSessionHasErrors('seed');
})->with(['0', '-4', 'seven', '99999999']);

test('a level that there is none of is refused', function () {
    $this->post('/practice', ['level' => 'moon'])->assertSessionHasErrors('level');
});

test('measuring nothing is told', function () {
    $round = begun('flat');

    $this->post("/practice/walls/{$round->id}/measure", [])->assertSessionHasErrors('places');
});

test('what is measured is read, what is not is not on the page', function () {
    $round = begun('floor', 7);
    $this->post("/practice/walls/{$round->id}/measure", ['places' => ['survey.wall.ceiling']]);
    $wall = WallPage::wallOf($round->refresh());
    $write = new LengthWriter($round->units);
    $page = $this->get("/practice/walls/{$round->id}")->assertOk();

    $page->assertSee('<dd class="number">'.$write->show($wall->readings()['survey.wall.ceiling']).'</dd>', false)
        ->assertDontSee('<dd class="number">'.$write->show($wall->readings()['survey.opening.left']).'</dd>', false);
});

test('what was measured with no connection counts when it arrives with the answers', function () {
    $round = begun('floor', 7);
    $places = array_keys(WallPage::wallOf($round)->readings());
    $this->post("/practice/walls/{$round->id}", ['places' => [...$places, WallPage::SWEEP], ...allRight($round)]);

    expect($round->refresh()->places)->toBe($places)
        ->and($round->is_swept)->toBeTrue()
        ->and(PracticeMark::query()->where('ask', Ask::Measured->value)->firstOrFail()->is_right)->toBeTrue();
});

test('after the answers nothing more is measured', function () {
    $round = begun('floor', 7);
    $this->post("/practice/walls/{$round->id}", ['places' => ['survey.wall.to'], ...allRight($round)]);
    allMeasured($round);

    expect($round->refresh()->places)->toBe(['survey.wall.to'])->and($round->is_swept)->toBeFalse();
});

test('the tape that comes with a page is read by the page alone', function (string $level) {
    $round = begun($level, 7);
    $sealed = (new WallPage($round))->sealed();
    $bytes = (string) base64_decode($sealed, true);
    $tape = json_decode($bytes ^ str_pad('', strlen($bytes), "practice-{$round->id}"), true, 9, JSON_THROW_ON_ERROR);
    $this->get("/practice/walls/{$round->id}")->assertSee($sealed)->assertDontSee('sweep-density', false);

    expect(array_keys($tape))->toBe(['read', 'things', 'sweep'])
        ->and(array_map(fn (array $one) => $one['mm'], $tape['read']))
        ->toEqual(array_map(fn ($length) => $length->toMm(), WallPage::wallOf($round)->readings()))
        ->and(array_map(fn (array $one) => array_keys($one), array_values($tape['read'])))
        ->each->toBe(['says', 'mm']);
})->with(['flat', 'cable']);

/** @return list<string> every number in a page, as a number */
function numbersIn(string $html): array
{
    preg_match_all('/\d+(?:\.\d+)?/', preg_replace('/(?<=\d)[\x{202F}\x{00A0}\x{2009} ](?=\d{3}\b)/u', '', $html) ?? '', $found);

    return $found[0];
}

test('no answer is in the page before it is given', function (string $level) {
    $round = begun($level, 7);
    $wall = WallPage::wallOf($round);
    // What a scanner felt is drawn every 5 mm: any number would be in it.
    $this->post("/practice/walls/{$round->id}/measure", ['places' => array_keys($wall->readings())]);
    $page = $this->get("/practice/walls/{$round->id}")->assertOk()->getContent();
    // What was read, what is given and the sizes that are had are on the page by right.
    $shown = array_map(fn ($length) => (string) round($length->toMm(), 2), [
        ...array_values($wall->readings()),
        ...$wall->plan->doorway->brief->leaf->stockWidths,
        ...$wall->plan->doorway->brief->leaf->stockHeights,
    ]);
    // The drawing is made of what was read; where two of these add up to an answer it has that line by right.
    $main = substr((string) $page, (int) strpos((string) $page, '<main'));
    $main = (string) preg_replace('/<svg.*?<\/svg>/s', '', $main);
    $found = [];
    foreach ([Ask::YokeLine, Ask::LineHere, Ask::HeaderFoot, Ask::ShutEdge, Ask::StopShut, Ask::StopOpen] as $ask) {
        $right = (string) round(Attempt::sum($ask, $wall->plan)?->total->toMm() ?? 0.0, 2);
        in_array($right, $shown, true) || ! in_array($right, numbersIn($main), true) || ($found[] = $ask->value);
    }

    expect($found)->toBe([])->and($main)->not->toContain('"truth"');
})->with(['flat', 'floor', 'half', 'cable', 'studs', 'bypass']);

test('no stud is told before somebody sweeps', function () {
    $round = begun('floor', 7);
    $this->post("/practice/walls/{$round->id}/measure", ['places' => ['survey.wall.to']]);

    $this->get("/practice/walls/{$round->id}")->assertDontSee('sweep-density', false);
    allMeasured($round);
    $this->get("/practice/walls/{$round->id}")->assertSee('sweep-density', false);
});

test('who makes no mistake is told that the door hangs as it should', function () {
    $round = allMeasured(begun('floor', 7));
    $this->post("/practice/walls/{$round->id}", allRight($round))->assertRedirect();

    $this->get("/practice/walls/{$round->id}")->assertOk()->assertSee('The door hangs as it should');
});

test('a mistake is told, and placed in the sum', function () {
    $round = allMeasured(begun('floor', 7));
    $wall = WallPage::wallOf($round);
    $twice = $wall->plan->yokeLine()->plus($wall->plan->doorway->brief->rules->gap);
    $this->post("/practice/walls/{$round->id}", [...allRight($round), 'yoke-line' => "{$twice->toMm()}"]);

    $this->get("/practice/walls/{$round->id}")
        ->assertOk()
        ->assertSee('twice: '.$wall->plan->doorway->brief->rules->gap->toMm())
        ->assertSee('you counted this twice');
});

test('what cannot be read is refused at its place, and what else was typed stays', function () {
    $round = allMeasured(begun('floor', 7));
    $this->from("/practice/walls/{$round->id}")
        ->post("/practice/walls/{$round->id}", ['yoke-line' => 'high up', 'leaf-width' => '914'])
        ->assertSessionHasErrors('yoke-line');

    $this->get("/practice/walls/{$round->id}")->assertSee('value="914"', false)->assertSee('value="high up"', false);
});

test('what was answered once is marked once', function () {
    $round = allMeasured(begun('floor', 7));
    $this->post("/practice/walls/{$round->id}", allRight($round));
    $marks = PracticeMark::query()->count();
    $this->post("/practice/walls/{$round->id}", ['yoke-line' => '1'])->assertRedirect();

    expect(PracticeMark::query()->count())->toBe($marks)->and($round->refresh()->answers['yoke-line'])->not->toBe('1');
});

test('a wall that was hung is measured no more', function () {
    $round = begun('floor', 7);
    $this->post("/practice/walls/{$round->id}/measure", ['places' => ['survey.wall.to']]);
    $this->post("/practice/walls/{$round->id}", []);
    $this->post("/practice/walls/{$round->id}/measure", ['places' => ['survey.wall.ceiling']])->assertRedirect();

    expect($round->refresh()->places)->toBe(['survey.wall.to']);
});

test('the record says what was right by skill, and what comes next', function () {
    $round = allMeasured(begun('floor', 7));
    $this->post("/practice/walls/{$round->id}", [...allRight($round), 'studs' => []]);

    $this->get('/practice')->assertOk()->assertSeeInOrder(['Next for you', 'Studs and cables', 'due now'])->assertSee('1 of 2');
});

test('a drill asks without telling, and marks what was answered', function () {
    $round = begun('drill');
    $this->get("/practice/walls/{$round->id}")->assertOk()->assertSee('Start the two minutes');
    $first = DrillQuestion::of($round->seed, 0, $round->units);
    $right = (new LengthWriter($round->units))->exact($first->answer);
    $this->post("/practice/walls/{$round->id}", ['answers' => [$right, 'nonsense', '']])->assertRedirect();

    $this->get("/practice/walls/{$round->id}")->assertSee('1 of 2 right in two minutes');
    expect(PracticeMark::query()->pluck('is_right')->all())->toBe([true, false]);
});

test('a real doorway becomes a wall, without its name', function () {
    Demo::load();
    $doorway = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
    $this->post('/practice/real', ['doorway' => $doorway->id])->assertRedirect();
    $round = PracticeRound::query()->latest('id')->firstOrFail();

    expect((string) $round->truth)->not->toContain('Kiln')->and($round->level)->toBe('real');
    $this->get("/practice/walls/{$round->id}")->assertOk()->assertDontSee('Kiln');
});

test('a doorway that is not measured becomes no wall, and says so', function () {
    Demo::load();
    $doorway = Doorway::query()->where('name', 'Wedging room')->firstOrFail();

    $this->post('/practice/real', ['doorway' => $doorway->id])->assertSessionHasErrors('doorway');
});

test('a record is to be printed', function () {
    $round = allMeasured(begun('floor', 7));
    $this->post("/practice/walls/{$round->id}", allRight($round));

    $this->get("/practice/walls/{$round->id}/record")
        ->assertOk()
        ->assertSee('What Someone has shown')
        ->assertSee('it is no licence');
});

test('it speaks Spanish', function (string $path) {
    Demo::load();
    $this->post('/editor', ['language' => 'es']);
    $page = $this->get($path)->assertOk()->getContent();

    expect($page)->not->toMatch('/practice\.[a-z]+\.[a-z-]+/');
})->with(['/practice', '/practice/walls/1', '/practice/walls/2', '/practice/walls/3', '/practice/people']);

test('a wall in inches is asked and read in sixteenths', function () {
    $round = allMeasured(begun('inches', 7));
    $typed = ['load' => '1', ...array_diff_key(allRight($round), ['load' => true])];
    $this->post("/practice/walls/{$round->id}", $typed)->assertRedirect();
    $wrong = PracticeMark::query()->where('is_right', false)->pluck('ask')->all();

    expect($wrong)->toBe(['load']);
});
