<?php

declare(strict_types=1);

use App\Models\Doorway;
use App\Models\Revision;
use App\Words\StoredMessage;
use Illuminate\Testing\TestResponse;
use Tests\Demo;
use YokeLine\Measure\Message;
use YokeLine\Measure\Unit;

/** A door I have, and the options: what is told of a leaf in hand, and a way that is taken. */
beforeEach(function () {
    Demo::load();
    $this->withSession(['browser' => 'ana-1']);
    $this->doorway = Doorway::query()->where('name', 'Kiln room')->firstOrFail();
    $this->url = "/doorways/{$this->doorway->id}";
    $this->kept = fn (string $place): mixed => $this->doorway->refresh()->revision->document->get($place);
    $this->tell = fn (string $place, string $value): TestResponse => $this->post("{$this->url}/size-card/changes", [
        'place' => $place,
        'value' => $value,
        'base' => $this->doorway->refresh()->revision_id,
    ])->assertOk();
    $this->take = fn (mixed $changes): TestResponse => $this->post("{$this->url}/door/options", [
        'changes' => is_string($changes) ? $changes : json_encode($changes),
        'says' => StoredMessage::of(new Message('changes', ['what' => 'a way'], 'typed'), Unit::Millimetre)->write(),
        'base' => $this->doorway->refresh()->revision_id,
    ]);
    $this->revisions = fn (): int => Revision::query()->where('doorway_id', $this->doorway->id)->count();
});

/** One that was only begun. */
function bareDoorway(): Doorway
{
    test()->post('/jobs/1/doorways', ['name' => 'Larder', 'units' => 'mm'])->assertRedirect();

    return Doorway::query()->where('name', 'Larder')->firstOrFail();
}

/** @return list<string> the states of the list, as they come one after the other */
function statesOf(TestResponse $list): array
{
    return array_values(array_filter(array_map(trim(...), explode('<!-- next -->', $list->streamedContent()))));
}

test('a leaf in hand is kept as it was typed, and held against the card at once', function () {
    ($this->tell)('brief.in_hand.width', '974');
    $page = ($this->tell)('brief.in_hand.height', '2143');

    expect([($this->kept)('brief.in_hand.width'), ($this->kept)('brief.in_hand.height')])->toBe(['974', '2143']);
    $page->assertSee('974')->assertSee('2143');
});

test('a leaf in hand that is none stays in its field with the reason, and nothing is kept of it', function (string $typed) {
    $before = ($this->revisions)();
    ($this->tell)('brief.in_hand.width', $typed)->assertSee('value="'.e($typed).'"', false)->assertSee('role="alert"', false);

    expect(($this->kept)('brief.in_hand.width'))->toBeNull()->and(($this->revisions)())->toBe($before);
})->with(['wide', '-974', '1/0', '974 kg']);

test('a thickness from and to is kept by its ends', function () {
    ($this->tell)('brief.in_hand.thickness[0]', '40');
    ($this->tell)('brief.in_hand.thickness[1]', '41.5');

    expect(($this->kept)('brief.in_hand.thickness'))->toBe(['40', '41.5']);
});

test('of a pair each leaf in hand is asked for', function () {
    $pair = Doorway::query()->where('name', 'Map archive')->firstOrFail();

    $this->get("/doorways/{$pair->id}/door/in-hand")
        ->assertOk()
        ->assertSee('brief.in_hand.second.width', false);
    $this->get("{$this->url}/door/in-hand")->assertOk()->assertDontSee('brief.in_hand.second', false);
});

test('a doorway that is not measured has no card, and its fields stand', function () {
    $bare = bareDoorway();

    $this->get("/doorways/{$bare->id}/door/in-hand")->assertOk()->assertSee('brief.in_hand.width', false);
});

test('the options come as they are worked, the last list whole', function () {
    $states = statesOf($this->get("{$this->url}/ways/list")->assertOk());

    expect(count($states))->toBeGreaterThan(0)
        ->and(end($states))->toContain('name="changes"')
        ->and(substr_count((string) end($states), 'name="changes"'))
        ->toBeGreaterThanOrEqual(substr_count($states[0], 'name="changes"'));
});

test('of a doorway that is not measured the options say what to measure first', function () {
    $bare = bareDoorway();
    $this->get("/doorways/{$bare->id}/ways/list")->assertOk()->assertSee('class="nothing"', false);
});

test('a way that is taken is kept as one change, and can be undone', function () {
    $before = ($this->revisions)();
    ($this->take)(['brief.rules.gap' => '14', 'brief.rules.side_overlap' => '80'])->assertRedirect(route('door.size', $this->doorway));
    $taken = [($this->kept)('brief.rules.gap'), ($this->kept)('brief.rules.side_overlap'), ($this->revisions)()];
    $this->post("{$this->url}/undo");

    expect($taken)->toBe(['14', '80', $before + 1])->and(($this->kept)('brief.rules.gap'))->toBe(12);
});

test('a way that could not be read is refused on its page, and nothing of it is kept', function () {
    $before = ($this->revisions)();
    ($this->take)(['brief.rules.gap' => '14', 'brief.leaf.width' => 'wide'])
        ->assertRedirect(route('door.options', $this->doorway))
        ->assertSessionHasErrors('way');

    expect(($this->kept)('brief.rules.gap'))->toBe(12)->and(($this->revisions)())->toBe($before);
});

test('what is no way changes nothing', function (string $changes) {
    $before = ($this->revisions)();
    ($this->take)($changes)->assertRedirect();

    expect(($this->revisions)())->toBe($before);
})->with(['', 'null', '[]', '{}', '"gap"', '{"brief.rules.gap":', '[["brief.rules.gap"]]', '7']);
