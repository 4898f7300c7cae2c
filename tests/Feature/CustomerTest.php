<?php

declare(strict_types=1);

use App\Models\Doorway;
use App\Models\LogEntry;
use App\Models\Offer;
use App\Shop\DoorwayOffer;
use Tests\Demo;

beforeEach(function () {
    Demo::load();
    $this->doorway = Doorway::query()->where('name', 'Throwing room')->firstOrFail();
    $this->links = DoorwayOffer::links($this->doorway);
});

test('a customer sees their wall, the price and what is in it, and nothing of the firm’s', function () {
    $this->get($this->links['show'])
        ->assertOk()
        ->assertSee('Throwing room')
        ->assertSee('Opens')
        ->assertSee(__('shop.page.not-included'))
        ->assertDontSee('class="places"', false)
        ->assertDontSee('papers/sheet');
});

test('without the link’s own seal nobody gets in', function (string $to) {
    $this->get("/customer/{$this->doorway->id}")->assertForbidden();
    $this->post("/customer/{$this->doorway->id}/{$to}")->assertForbidden();
    $other = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
    $this->get(str_replace("/{$this->doorway->id}?", "/{$other->id}?", $this->links['show']))->assertForbidden();
})->with(['accept', 'ask']);

test('a link that is too old does not open', function () {
    $this->travel(4)->months();
    $this->get($this->links['show'])->assertForbidden();
});

test('a quote with every line priced is accepted by name', function () {
    $this->post($this->links['accept'], ['name' => 'R. Weaver'])->assertSessionHasErrors('name');
    $materials = (new DoorwayOffer($this->doorway, null))->materials;
    foreach ($materials->lines as $line) {
        $materials->prices->set($line->material->key, 500);
    }
    $this->get($this->links['show'])->assertSee('in all, tax included')->assertSee('Accept this quote');
    $this->post($this->links['accept'], ['name' => 'R. Weaver'])->assertRedirect();

    expect(Offer::query()->where('doorway_id', $this->doorway->id)->latest('id')->value('accepted_by'))->toBe('R. Weaver');
});

test('nobody accepts without a name', function () {
    $this->post($this->links['accept'], ['name' => ''])->assertSessionHasErrors('name');
});

test('a question goes into the record under the customer’s name', function () {
    $this->post($this->links['ask'], ['question' => 'Can it be white?', 'from' => 'R. Weaver'])->assertRedirect();
    $note = LogEntry::query()->where('doorway_id', $this->doorway->id)->where('kind', 'note')->latest('id')->firstOrFail();

    expect($note->text('says'))->toBe('Can it be white?')->and($note->who)->toBe('R. Weaver');
});

test('an empty question is asked for', function () {
    $this->post($this->links['ask'], ['question' => ' '])->assertSessionHasErrors('question');
});

test('of a wall that is not measured there is nothing to show', function () {
    $unplanned = Doorway::query()->where('name', 'Wedging room')->firstOrFail();
    $this->get(DoorwayOffer::links($unplanned)['show'])->assertNotFound();
});

test('while a line has no price, no price is shown and none is accepted', function () {
    $this->get($this->links['show'])
        ->assertSee('still being worked out')
        ->assertDontSee('in all, tax included')
        ->assertDontSee('Accept this quote');
});
