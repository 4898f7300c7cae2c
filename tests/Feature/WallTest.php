<?php

declare(strict_types=1);

use App\Http\Editor;
use App\Models\Doorway;
use Tests\Demo;

beforeEach(function () {
    Demo::load();
    $this->doorway = Doorway::query()->where('name', 'Throwing room')->firstOrFail();
    $this->url = "/doorways/{$this->doorway->id}";
});

test('a thing moved by hand is kept to the whole millimetre', function () {
    $this->post("{$this->url}/wall/changes", [
        'place' => 'survey.obstacles[0]',
        'right' => '100.4',
        'up' => '-20.2',
        'base' => $this->doorway->revision_id,
    ])->assertOk();
    $document = Doorway::query()->findOrFail($this->doorway->id)->revision->document;

    expect($document->get('survey.obstacles[0].x'))
        ->toBe(['2380', '2466'])
        ->and($document->get('survey.obstacles[0].y'))
        ->toBe(['1080', '1166']);
});

test('a new thing stands right of the opening, ready to be moved', function () {
    $this->get("{$this->url}/wall/measure")->assertSee('+ thermostat');
});

test('readings from a table are shown line by line before they are taken', function () {
    $csv = "x,level\n300,2\n1240,zero\n2142,-3";
    $this->post("{$this->url}/wall/readings", ['text' => $csv])
        ->assertOk()
        ->assertSee('2 rows read, 1 left out')
        ->assertSee('“zero” is not a length');
    $this->post("{$this->url}/readings/take", ['text' => $csv, 'base' => $this->doorway->revision_id])->assertRedirect(
        "{$this->url}/wall/measure",
    );

    expect(
        Doorway::query()->findOrFail($this->doorway->id)->revision->document->get('survey.floor.readings'),
    )->toHaveCount(2);
});

test('the meter sends its readings one at a time', function () {
    $first = $this->get('/meter/next')->assertOk()->json('reading');
    $second = $this->get('/meter/next')->json('reading');

    expect([$first, $second])->toBe(['0 mm', '60 mm']);
});

test('ways come as a list that grows, the last one whole', function () {
    $states = explode(
        "\n<!-- next -->\n",
        (string) $this->get("{$this->url}/ways/list?space=10")
            ->assertOk()
            ->streamedContent(),
    );

    expect($states[count($states) - 2])
        ->toContain('arrangements work')
        ->toContain(' all were worked')
        ->toContain('What does not work here');
});

test('the ways of an unmeasured doorway say what to measure', function () {
    $this->doorway->rewrite(
        fn () => $this->doorway->revision->document->without('survey.opening.width'),
        'no width',
        Editor::named('A fitter'),
    );
    $this->get("{$this->url}/door/options")->assertOk();
    $this->get("{$this->url}/ways/list")
        ->assertOk()
        ->assertSee('Next, measure the left jamb and the width');
});

test('more stock than is worked in one go is said, and worked on request', function () {
    $many = $this->doorway->revision->document
        ->with('brief.leaf.stock_widths', range(900, 1600, 10))
        ->with('brief.leaf.stock_heights', range(2100, 2400, 10));
    $this->doorway->rewrite(fn () => $many, 'much stock', Editor::named('A fitter'));
    $list = fn (int $most) => (string) $this->get("{$this->url}/ways/list?most={$most}")
        ->assertOk()
        ->streamedContent();

    expect($list(0))
        ->toContain('the 6000 with the nearest sizes were worked')
        ->toContain('data-most="12000"')
        ->and($list(12000))
        ->toContain('the 12000 with the nearest sizes were worked');
});

test('a way that is taken changes the brief, and undo works', function () {
    $changes = ['brief.opens' => 'left', 'brief.rules.cover' => 'casing'];
    $this->post("{$this->url}/door/options", [
        'changes' => json_encode($changes),
        'says' => 'one leaf left',
        'base' => $this->doorway->revision_id,
    ])->assertRedirect("{$this->url}/door/size");
    expect(Doorway::query()->findOrFail($this->doorway->id)->revision->document->get('brief.opens'))->toBe('left');
    $this->post("{$this->url}/undo");

    expect(Doorway::query()->findOrFail($this->doorway->id)->revision->document->get('brief.opens'))->toBe('right');
});

test('the size card and a leaf in hand', function () {
    $this->get("{$this->url}/door/in-hand")
        ->assertOk()
        ->assertSee('What to look for at the yard');
    $this->post("{$this->url}/size-card/changes", [
        'place' => 'brief.in_hand.width',
        'value' => '700',
        'base' => $this->doorway->revision_id,
    ])
        ->assertOk()
        ->assertSee('Leave it in the shop.');
});

test('bad input of the wall is answered in a plain sentence and the rest goes on', function (
    string $place,
    string $value,
    string $says,
) {
    $this->post("{$this->url}/wall/changes", [
        'place' => $place,
        'value' => $value,
        'base' => $this->doorway->revision_id,
    ])
        ->assertOk()
        ->assertSee($says)
        ->assertSee('Throwing room');
})->with([
    'ten kilometres' => ['survey.wall.to', '10000 m', 'is over 50 metres'],
    'negative' => ['survey.wall.ceiling', '-5', 'must be more than 0'],
    'zero' => ['survey.opening.width[0]', '0', 'must be more than 0'],
    'text' => ['survey.obstacles[0].x[0]', 'there', 'is not a length'],
    'no wall beside the opening' => ['survey.wall.to', '1250', 'reaches past the end of the wall'],
    'a wall that ends before it begins' => ['survey.wall.from', '4200', 'must end to the right'],
]);
