<?php

declare(strict_types=1);

use App\Board\Standing;
use App\Models\Doorway;
use App\Record\Log;
use App\Site\HandOver;
use App\Site\SiteRun;
use Tests\Begun;

/** How far a doorway is, from the first measurement to the signature: what it waits for, and what is next. */
beforeEach(function () {
    $this->at = function (Doorway $doorway): array {
        Standing::keep($doorway->refresh());

        return [$doorway->waits_for, $doorway->next->says(), $doorway->snags];
    };
    $this->all = fn (Doorway $doorway, string ...$but) => array_map(
        fn (string $id) => (new Log($doorway))->add('step', $id, ['state' => 'done'], 'Ana'),
        array_diff(array_keys((new SiteRun($doorway, null))->steps), $but),
    );
});

/** What was typed for a check of a hung door, where it is as it was planned. */
function checked(Doorway $doorway): void
{
    foreach ((new HandOver($doorway, null))->checks() as $check) {
        $read = $check->expected?->toMm();
        (new Log($doorway))->add('run', $check->id, [
            'label' => $check->id, 'holds' => true, 'says' => '',
            ...$read === null ? [] : ['value' => $read, 'planned' => $read],
        ], 'Ana');
    }
}

test('what is not measured waits to be measured', function () {
    $doorway = Begun::doorway('kiln-room', ['survey.opening.width' => null]);
    [$waits, $next] = ($this->at)($doorway);

    expect($waits)->toBe('measure')->and($next)->toBe($doorway->summary->says());
});

test('what is to be settled waits for that, and says the gravest of it', function () {
    $doorway = Begun::doorway('glaze-store');
    [$waits, $next] = ($this->at)($doorway);

    expect($waits)->toBe('settle')->and($next)->not->toBe('');
});

test('once work has begun a doorway is told by its steps, whatever is still open of its plan', function () {
    $doorway = Begun::doorway('glaze-store');
    (new Log($doorway))->add('step', 'box-check', ['state' => 'done'], 'Ana');

    expect(($this->at)($doorway)[0])->not->toBe('settle');
});

test('each step that is done brings the next', function () {
    $doorway = Begun::doorway('kiln-room');
    (new Log($doorway))->add('step', 'box-check', ['state' => 'done'], 'Ana');
    $first = ($this->at)($doorway)[1];
    $ids = array_keys((new SiteRun($doorway, null))->steps);
    ($this->all)($doorway, ...array_slice($ids, -1));

    expect(($this->at)($doorway)[1])->not->toBe($first)->not->toBe('');
});

test('a door that hangs waits to be proved, and then to be signed', function () {
    $doorway = Begun::doorway('kiln-room');
    ($this->all)($doorway);
    [$hung, $says] = ($this->at)($doorway);
    checked($doorway);
    [$proved, $next] = ($this->at)($doorway);

    expect([$hung, $proved, $next])->toBe(['proof', 'proof', 'To be signed'])->and($says)->not->toBe($next);
});

test('what is signed is done', function () {
    $doorway = Begun::doorway('kiln-room');
    ($this->all)($doorway);
    checked($doorway);
    (new Log($doorway))->add('signature', 'hand-over', ['name' => 'R. Okafor', 'strokes' => 'M1 1L2 2'], 'Ana');

    expect(($this->at)($doorway))->toBe(['done', 'Signed', 0]);
});

test('of things to be touched up those that are still open are counted', function () {
    $doorway = Begun::doorway('kiln-room');
    foreach (['one' => 'open', 'two' => 'open', 'three' => 'done'] as $id => $state) {
        (new Log($doorway))->add('snag', "snag-{$id}", ['says' => 'Touch up', 'state' => $state], 'Ana');
    }

    expect(($this->at)($doorway)[2])->toBe(2);
});

test('a thing that is put right is open no more', function () {
    $doorway = Begun::doorway('kiln-room');
    foreach (['open', 'done'] as $state) {
        (new Log($doorway))->add('snag', 'snag-one', ['says' => 'Touch up', 'state' => $state], 'Ana');
    }

    expect(($this->at)($doorway)[2])->toBe(0);
});

test('how far it is is worked out anew with each entry, and not before', function () {
    $doorway = Begun::doorway('kiln-room');
    ($this->at)($doorway);
    $kept = $doorway->refresh()->waits_for;
    (new Log($doorway))->add('note', '', ['says' => 'The key is at the kiln'], 'Ana');

    expect($kept)->not->toBeNull()->and($doorway->refresh()->waits_for)->toBeNull();
});

test('the board counts what waits for what, and shows those alone when asked', function () {
    $settling = Begun::doorway('glaze-store');
    $signed = Begun::doorway('kiln-room');
    ($this->all)($signed);
    checked($signed);
    (new Log($signed))->add('signature', 'hand-over', ['name' => 'R. Okafor', 'strokes' => 'M1 1L2 2'], 'Ana');
    $seen = fn (string $url) => array_map(
        fn (Doorway $one) => str_contains((string) $this->get($url)->assertOk()->getContent(), "/doorways/{$one->id}/"),
        [$settling, $signed],
    );

    expect(array_map($seen, ['/progress', '/progress?waits=settle', '/progress?waits=done', '/progress?waits=x']))
        ->toBe([[true, true], [true, false], [false, true], [true, true]]);
});

test('the board shows by themselves those with something to be touched up', function () {
    [$clean, $snagged] = [Begun::doorway('glaze-store'), Begun::doorway('kiln-room')];
    (new Log($snagged))->add('snag', 'snag-one', ['says' => 'Touch up the jamb', 'state' => 'open'], 'Ana');
    $this->get('/progress');

    $this->get('/progress?snags=1')
        ->assertOk()
        ->assertSee("/doorways/{$snagged->id}/", false)
        ->assertDontSee("/doorways/{$clean->id}/", false);
});

test('a doorway that is put away is on no board', function () {
    $doorway = Begun::doorway('kiln-room');
    $doorway->forceFill(['archived_at' => now()])->save();

    $this->get('/progress')->assertOk()->assertDontSee("/doorways/{$doorway->id}/", false);
});
