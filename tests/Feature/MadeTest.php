<?php

declare(strict_types=1);

use App\Models\Doorway;
use App\Models\HouseRule;
use App\Models\Job;
use Tests\Demo;

beforeEach(fn () => Demo::load());

/** A doorway whose leaf is built. */
function built(string $name): Doorway
{
    return Doorway::query()->where('name', $name)->firstOrFail();
}

/** Sets one field as the page does. */
function setMade(Doorway $doorway, string $key, string $value)
{
    $doorway->refresh();

    return test()->post(
        route('changes', [$doorway, 'made']),
        ['place' => "brief.leaf.made.{$key}", 'value' => $value, 'base' => $doorway->revision_id],
        ['HX-Request' => 'true'],
    );
}

test('the page of a leaf that is built shows its parts', function (string $name, string $part) {
    $this->get('/doorways/'.built($name)->id.'/door/made')->assertOk()->assertSee($part);
})->with([['Oil store', 'Middle rail'], ['Saw pit', 'Old door']]);

test('it shows them in Spanish', function () {
    $this->withSession([])->post('/editor', ['language' => 'es']);

    $this->get('/doorways/'.built('Oil store')->id.'/door/made')->assertOk()->assertSee('Travesaño intermedio');
});

test('a doorway whose leaf is bought says what the page is for', function () {
    $this->get('/doorways/'.built('Kiln room')->id.'/door/made')
        ->assertOk()
        ->assertSee('Choose how the door is made');
});

test('a way that is chosen brings its parts', function (string $way, string $part) {
    setMade(built('Kiln room'), 'way', $way)->assertOk()->assertSee($part);
})->with([['planked', 'Ledge'], ['framed', 'Stile'], ['glazed', 'Pane']]);

test('an old hole that is told is filled', function () {
    $doorway = built('Saw pit');
    $from = $doorway->revision->document->get('brief.leaf.made.from');
    $hole = "from[#{$from[1]->id}].bores[0]";
    foreach (['edge' => 'face', 'u' => '200', 'v' => '1500', 'diameter' => '60'] as $key => $value) {
        $page = setMade($doorway, "{$hole}.{$key}", $value)->assertOk();
    }

    $page->assertSee('Fill the bore');
});

test('a board that is too narrow is refused at its place, and what stood there stays', function () {
    $doorway = built('Oil store');
    setMade($doorway, 'infill.width', '5')->assertOk()->assertSee('A board is at least 20');

    expect($doorway->refresh()->revision->document->get('brief.leaf.made.infill.width'))->toBe(95);
});

test('what the shop builds is bought as wood, not as a door', function () {
    $job = Job::query()->where('name', 'like', 'Joiner%')->firstOrFail();

    $this->get("/jobs/{$job->id}/materials")
        ->assertOk()
        ->assertSee('of larch')
        ->assertSee('Pocket screws')
        ->assertDontSee('Door 996');
});

test('its pieces are in the cutting plan of the job', function () {
    $job = Job::query()->where('name', 'like', 'Joiner%')->firstOrFail();

    $this->get("/jobs/{$job->id}/cutting")->assertOk()->assertSee('of larch');
});

test('making it stands in the order of work, and glass goes in after the last coat', function () {
    $doorway = built('Kiln room');
    setMade($doorway, 'way', 'glazed');

    $this->get("/doorways/{$doorway->id}/site/order")
        ->assertOk()
        ->assertSee('Bring the wood in')
        ->assertSee('Set the glass')
        ->assertDontSee('Bring the door in');
});

test('the shop sheet says every part, the bars and the steps', function (string $name, string $part, string $more) {
    $pdf = $this->get('/doorways/'.built($name)->id.'/give-out/shop.pdf')->assertOk()->getContent();
    $said = shownOn((string) $pdf);

    expect($said)->toContain($part)->and($said)->toContain($more)->and($said)->toContain('Making it');
})->with([
    ['Oil store', '2 × Stile', 'a bar of'],
    ['Saw pit', 'Old door', 'Fill the hinge'],
]);

test('a doorway whose leaf is bought has no shop sheet', function () {
    $this->get('/doorways/'.built('Kiln room')->id.'/give-out/shop.pdf')->assertNotFound();
});

test('on site the steps of making show the leaf as it is built', function () {
    $this->get('/doorways/'.built('Oil store')->id.'/site/steps')->assertOk()->assertSee('scene-leaf-built', false);
});

test('beside the options stands what it costs to build it and to buy it', function () {
    $this->get('/doorways/'.built('Oil store')->id.'/door/options')
        ->assertOk()
        ->assertSee('with the door built')
        ->assertSee('With the same door bought')
        ->assertSee('hours of the shop');
});

test('an old door is told with what is cut, what is solid then and what is filled', function (string $sees) {
    $this->get('/doorways/'.built('Saw pit')->id.'/door/in-hand')->assertOk()->assertSee($sees);
})->with([
    'cut' => 'off its foot. Nothing comes off the top.',
    'as it goes in' => 'It stays',
    'solid' => 'Long edge: 0 to',
    'filled' => 'Fill the hinge',
    'drawn' => 'scene-old-leaf',
]);

test('each old door of a leaf has a drawing of its own', function () {
    $doorway = built('Saw pit');
    $page = $this->get('/doorways/'.$doorway->id.'/door/made')->assertOk()->getContent();

    expect(substr_count($page, 'data-scene="old-leaf"'))
        ->toBe(count($doorway->revision->document->get('brief.leaf.made.from')));
});

test('where a leaf is solid is drawn', function () {
    $this->get('/doorways/'.built('Oil store')->id.'/door/made')->assertOk()->assertSee('scene-leaf-solid');
});

test('a rule of thumb of the house is written into the doorways that follow it', function () {
    $this->post('/rules', ['method_key' => 'making-ledge-up', 'value' => '200', 'why' => 'kick plates', 'seen' => 0])
        ->assertRedirect();

    expect(built('Oil store')->revision->document->get('brief.rules.making.ledge_up'))->toBe('200 mm');
});

test('a rule of thumb far from the usual one is refused before anything is written', function () {
    $this->post('/rules', ['method_key' => 'making-ledge-up', 'value' => '3', 'why' => '', 'seen' => 0])
        ->assertSessionHasErrors('rule');

    expect(HouseRule::query()->where('method', 'making-ledge-up')->exists())->toBeFalse()
        ->and(built('Oil store')->revision->document->get('brief.rules.making.ledge_up'))->toBeNull();
});

test('how long boards rest and glue is held is told on the page', function (string $label) {
    $this->get('/doorways/'.built('Oil store')->id.'/door/made')->assertOk()->assertSee($label);
})->with(['Boards rest, minutes', 'Glue is held, minutes']);
